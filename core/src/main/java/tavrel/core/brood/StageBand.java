package tavrel.core.brood;

import tavrel.core.DaySpan;

/**
 * Days on which a stage of brood is on the comb, as the likely course has it.
 *
 * @param stage which
 * @param days first to last day
 */
public record StageBand(Stage stage, DaySpan days) {

  /** Stages that the time line tells apart. */
  public enum Stage {
    EGGS(0, 3),
    LARVAE(3, BroodTimeline.WORKER_CAPPED),
    CAPPED_WORKER(BroodTimeline.WORKER_CAPPED, BroodTimeline.WORKER_GONE),
    CAPPED_DRONE(BroodTimeline.DRONE_CAPPED, BroodTimeline.DRONE_GONE);

    private final int begins;
    private final int ends;

    Stage(int begins, int ends) {
      this.begins = begins;
      this.ends = ends;
    }

    int begins() {
      return begins;
    }

    int ends() {
      return ends;
    }
  }
}
