package tavrel.server.reporting.due;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.count.Danger;
import tavrel.core.due.DueRule;
import tavrel.core.due.DueTaskKind;
import tavrel.server.parameter.OwnParameters;

/** Why each kind of line stands among what is due. */
@RestController
class DueRuleResource {

  /**
   * The rule of a kind of lines.
   *
   * @param kind of a line
   * @param says why such a line is told, with the figures that it goes by
   */
  record KindRule(DueTaskKind kind, Fact says) {}

  private final OwnParameters figures;

  DueRuleResource(OwnParameters figures) {
    this.figures = figures;
  }

  /** The rules of all kinds. */
  @GetMapping("/api/due/rules")
  List<KindRule> rules() {
    Danger danger = figures.danger();
    return Arrays.stream(DueTaskKind.values())
        .map(kind -> new KindRule(kind, DueRule.of(kind, danger)))
        .toList();
  }
}
