package tavrel.core.weather;

/** On which side of the hives to stand. */
public final class StandingSide {

  private static final String[] SIDES = {
    "north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"
  };

  private StandingSide() {}

  /**
   * The side the wind comes from, so that vapour goes away from people.
   *
   * @param windFrom degrees clockwise from north
   */
  public static String of(int windFrom) {
    return SIDES[Math.floorMod(Math.round(windFrom / 45f), 8)];
  }
}
