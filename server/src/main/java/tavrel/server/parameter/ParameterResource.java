package tavrel.server.parameter;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Figures of the computation, with their meaning and source. */
@RestController
@RequestMapping("/api/parameters")
class ParameterResource {

  private final OwnParameters figures;

  ParameterResource(OwnParameters figures) {
    this.figures = figures;
  }

  /** Figures of the computation with their meaning, usual value, range and source. */
  @GetMapping
  List<OwnParameters.Figures> all() {
    return figures.groups();
  }

  /** Keeps the keeper's own figures, by key; those left out are the usual ones again. */
  @PutMapping
  List<OwnParameters.Figures> keep(@RequestBody Map<String, Double> own) {
    figures.keep(own);
    return figures.groups();
  }
}
