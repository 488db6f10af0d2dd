package tavrel.server.rulesheet;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.rule.ExampleSheets;
import tavrel.core.rule.RuleSheet;
import tavrel.server.http.Problem;

/** Rule sheets: the shipped examples and those that keepers copied from their labels. */
@Service
public class RuleSheets {

  private final RuleSheetMapper mapper;
  private final Clock clock;

  RuleSheets(RuleSheetMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  @EventListener(ContextRefreshedEvent.class)
  void ship() {
    for (RuleSheet example : ExampleSheets.all()) {
      if (mapper.byId(example.id()).isEmpty()) {
        mapper.add(example, clock.instant());
      }
    }
  }

  List<RuleSheet> all() {
    return mapper.all();
  }

  /**
   * The sheet with this id.
   *
   * @throws Problem 404
   */
  public RuleSheet byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing("This rule sheet"));
  }

  /** Keeps a sheet that a keeper copied from a label; the same id again changes nothing. */
  @Transactional
  public RuleSheet add(RuleSheet sheet) {
    if (sheet.example()) {
      throw new InvalidValue("example", "cannot be set; examples ship with the program");
    }
    LocalDate latest = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).plusDays(1);
    if (sheet.copiedOn() != null
        && (sheet.copiedOn().isAfter(latest) || sheet.copiedOn().getYear() < 2000)) {
      throw new InvalidValue(
          "copiedOn", "lies in the future or before 2000; enter the day you read the label");
    }
    Optional<RuleSheet> kept = mapper.byId(sheet.id());
    if (kept.isPresent() && !kept.get().equals(sheet)) {
      throw Problem.conflict("A rule sheet that is kept never changes; make a new one.");
    }
    if (kept.isEmpty()) {
      mapper.add(sheet, clock.instant());
    }
    return sheet;
  }
}
