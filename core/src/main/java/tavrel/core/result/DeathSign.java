package tavrel.core.result;

/** What a dead hive showed when it was opened. */
public enum DeathSign {
  MITES("few bees left, mites or their droppings in the cells, spotty brood"),
  STARVED("bees head first in empty cells, no food near"),
  QUEENLESS("no queen, no worker brood, or drone layers"),
  DAMP("wet, mouldy, a dead cluster on full combs"),
  ROBBED("robbed out, wasps, mice or other damage"),
  UNKNOWN("cannot tell");

  private final String words;

  DeathSign(String words) {
    this.words = words;
  }

  /** What is seen. */
  public String words() {
    return words;
  }
}
