package tavrel.server.seal;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.core.burn.ToolFamily;
import tavrel.core.hive.Hive;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.KillCurve;
import tavrel.core.ready.Readying;
import tavrel.core.ready.Task;
import tavrel.core.seal.Release;
import tavrel.core.seal.SealEstimate;
import tavrel.core.seal.SealParameters;
import tavrel.core.seal.SealReading;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.Hives;
import tavrel.server.parameter.OwnParameters;

/** How well hives hold their vapour as they stand. */
@RestController
@RequestMapping("/api")
class SealResource {

  /**
   * One hive read closely.
   *
   * @param seal what its openings cost
   * @param estimate with the curve
   * @param panTasks what it needs before a pan wand's burn
   * @param bowlTasks what it needs before a heated bowl's burn
   */
  record HiveSeal(
      SealReading seal, SealEstimate estimate, List<Task> panTasks, List<Task> bowlTasks) {}

  private final Apiaries apiaries;
  private final Hives allHives;
  private final OwnParameters figures;

  SealResource(Apiaries apiaries, Hives allHives, OwnParameters figures) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.figures = figures;
  }

  /** How well each hive of an apiary keeps its vapour as it stands. */
  @GetMapping("/apiaries/{id}/seal")
  List<SealReading> ofApiary(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "2") double grams,
      @RequestParam(defaultValue = "10") double sealMinutes) {
    apiaries.byId(id);
    SealParameters seal = figures.seal();
    KillCurve curve = CurveChoice.FIELD.in(figures.own());
    return allHives.in(id).stream()
        .map(hive -> read(hive, grams, sealMinutes, seal, curve))
        .toList();
  }

  /** How well a hive keeps its vapour, and what to shut first. */
  @GetMapping("/hives/{id}/seal")
  HiveSeal ofHive(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "2") double grams,
      @RequestParam(defaultValue = "10") double sealMinutes) {
    Hive hive = allHives.byId(id);
    return new HiveSeal(
        read(hive, grams, sealMinutes, figures.seal(), CurveChoice.FIELD.in(figures.own())),
        SealEstimate.of(hive, Release.USUAL, sealMinutes, figures.seal()),
        Readying.tasks(hive, ToolFamily.PAN_WAND),
        Readying.tasks(hive, ToolFamily.HEATED_BOWL));
  }

  private static SealReading read(
      Hive hive, double grams, double sealMinutes, SealParameters seal, KillCurve curve) {
    InvalidValue.inRange("grams", grams, 0.1, 10, "g a box");
    return SealReading.of(hive, Release.USUAL, sealMinutes, grams, seal, curve);
  }
}
