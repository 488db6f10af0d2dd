package tavrel.core.mite;

/**
 * A colony's brood and bees over days in a row.
 *
 * @param flow cells capped each day
 * @param bees adult bees by day, as many days
 */
public record ColonyDays(CellFlow flow, Bees bees) {

  /** As many bees on every day. */
  public static ColonyDays held(CellFlow flow, double bees) {
    return new ColonyDays(flow, Bees.held(bees, flow.days()));
  }

  /** The mite model of these days. */
  public MiteModel model(MiteParameters figures) {
    return new MiteModel(figures, bees, flow);
  }
}
