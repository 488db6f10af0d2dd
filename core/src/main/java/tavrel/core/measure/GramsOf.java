package tavrel.core.measure;

import tavrel.core.Worded;

/** What a gram figure is of. Inside, everything is acid dihydrate. */
public enum GramsOf implements Worded {
  /** Oxalic acid dihydrate, the crystals as sold. */
  ACID_DIHYDRATE,
  /** Anhydrous oxalic acid; 1 g is as much acid as 1.40 g of dihydrate. */
  ACID_ANHYDROUS,
  /** The product as it comes from the container, of a stated strength. */
  PRODUCT;

  /** Grams of dihydrate for a gram of anhydrous acid. */
  public static final double DIHYDRATE_PER_ANHYDROUS = 1.40;

  /** Grams of acid dihydrate in {@code grams} of this. */
  public double toAcid(double grams, Strength strength) {
    return switch (this) {
      case ACID_DIHYDRATE -> grams;
      case ACID_ANHYDROUS -> grams * DIHYDRATE_PER_ANHYDROUS;
      case PRODUCT -> strength.acidIn(grams);
    };
  }
}
