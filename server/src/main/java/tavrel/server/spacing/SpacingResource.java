package tavrel.server.spacing;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.HiveShut;
import tavrel.core.spacing.Comparison;
import tavrel.core.spacing.MiteForecast;
import tavrel.core.spacing.SpacingPattern;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** The spacing bench. */
@RestController
@RequestMapping("/api")
class SpacingResource {

  /**
   * A way that a hive stands.
   *
   * @param shut the way
   * @param kept share of the acid that it keeps, an estimate
   */
  record OfferedShut(HiveShut shut, double kept) {}

  /**
   * What the bench offers to choose from.
   *
   * @param patterns how many rounds, how far apart
   * @param shuts how hives stand
   * @param curves from dose to kill
   * @param leftOut what the model leaves out
   */
  record SpacingChoices(
      List<SpacingPattern> patterns,
      List<OfferedShut> shuts,
      List<CurveChoice> curves,
      List<Fact> leftOut) {}

  /**
   * A schedule to run.
   *
   * @param question what to reckon with
   * @param days days of its rounds, ascending; none is untreated
   */
  record ForecastQuestion(SpacingQuestion question, List<LocalDate> days) {}

  /**
   * A start to compare from.
   *
   * @param question what to reckon with
   * @param start first day of every pattern
   */
  record CompareQuestion(SpacingQuestion question, LocalDate start) {}

  private final SpacingService spacingService;

  SpacingResource(SpacingService spacingService) {
    this.spacingService = spacingService;
  }

  /** Patterns, kill curves and seals to choose from. */
  @GetMapping("/spacing/choices")
  SpacingChoices choices() {
    return new SpacingChoices(
        SpacingPattern.all(),
        Arrays.stream(HiveShut.values()).map(shut -> new OfferedShut(shut, shut.kept())).toList(),
        List.of(CurveChoice.values()),
        tavrel.core.mite.MiteModel.LEFT_OUT);
  }

  /** What is known of a hive to space its rounds by. */
  @GetMapping("/hives/{id}/spacing")
  SpacingService.BenchStart start(@PathVariable UUID id) {
    return spacingService.start(id);
  }

  /** Mites of a hive day by day under some rounds, with bands: a model estimate. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/hives/{id}/spacing/forecast")
  MiteForecast miteForecast(@PathVariable UUID id, @RequestBody ForecastQuestion asked) {
    return spacingService.miteForecast(id, asked.question(), asked.days());
  }

  /** Patterns, the whole search and breaks in brood side by side: a model estimate. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/hives/{id}/spacing/comparison")
  Comparison compare(@PathVariable UUID id, @RequestBody CompareQuestion asked) {
    return spacingService.compare(id, asked.question(), asked.start());
  }

  /** What the same rounds would leave in each hive of an apiary: a model estimate. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/apiaries/{id}/rhythm")
  List<SpacingService.HiveInRhythm> rhythm(
      @PathVariable UUID id, @RequestBody ForecastQuestion asked) {
    return spacingService.rhythm(id, asked.question(), asked.days());
  }
}
