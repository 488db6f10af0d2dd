package tavrel.core;

/** Where the usual value of a {@link ModelParameter} comes from. */
public enum FigureSource implements Worded {
  /** Our own figure. */
  OUR_OWN,
  /** Keepers’ experience, not measured. */
  EXPERIENCE,
  /** Common practice. */
  COMMON_PRACTICE,
  /** Common figure. */
  COMMON_FIGURE,
  /** Our own margin. */
  OUR_MARGIN,
  /** Our own figure: what a keeper would drive to avoid it. */
  WHAT_A_KEEPER_WOULD_DRIVE,
  /** Our round figure. */
  OUR_ROUND_FIGURE,
  /** Structure after Martin (1998), Ecological Modelling 109. */
  MARTIN_1998,
  /** Our calibration: about 2.0 % growth a day with 1,000 worker cells and 20,000 bees. */
  CALIBRATED,
  /** Boot, Calis and co-workers, as used in Calis, Fries & Ryrie (1999), Apidologie 30. */
  BOOT_CALIS,
  /** None unless you know of a collapsing neighbour. */
  NONE_UNLESS_KNOWN,
  /** Our estimate; look at your frames. */
  LOOK_AT_FRAMES,
  /** Our own figure: one day in four. */
  ONE_DAY_IN_FOUR,
  /** Our own round figure; take your maker’s. */
  TAKE_YOUR_MAKERS,
  /** Yours. */
  YOURS,
  /** Structure of our own: bees emerge 12 days after capping and die at a steady rate. */
  OWN_STRUCTURE,
  /** Our own figure for country roads. */
  COUNTRY_ROADS,
  /** Rule of thumb among growers. */
  GROWERS_RULE,
  /** A larva three days from the egg shell; laying seven days after the queen emerges. */
  QUEEN_DEVELOPMENT
}
