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
    EGGS("eggs", 0, 3),
    LARVAE("larvae", 3, BroodTimeline.WORKER_CAPPED),
    CAPPED_WORKER("capped workers", BroodTimeline.WORKER_CAPPED, BroodTimeline.WORKER_GONE),
    CAPPED_DRONE("capped drones", BroodTimeline.DRONE_CAPPED, BroodTimeline.DRONE_GONE);

    private final String words;
    private final int begins;
    private final int ends;

    Stage(String words, int begins, int ends) {
      this.words = words;
      this.begins = begins;
      this.ends = ends;
    }

    /** Its name on screen. */
    public String words() {
      return words;
    }

    int begins() {
      return begins;
    }

    int ends() {
      return ends;
    }
  }
}
