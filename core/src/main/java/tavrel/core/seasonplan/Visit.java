package tavrel.core.seasonplan;

import org.jspecify.annotations.Nullable;

/**
 * One round of one series, as the board knows it.
 *
 * @param index number on the board, from 0
 * @param seriesIndex number of its series on the board
 * @param series its series
 * @param number which of its rounds
 * @param agreed where it was agreed to be, or null
 */
record Visit(
    int index, int seriesIndex, PlannedSeries series, int number, @Nullable CrewDay agreed) {

  boolean isFirst() {
    return number == series.next();
  }

  boolean isLast() {
    return number == series.last();
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return this == other;
  }

  @Override
  public int hashCode() {
    return index;
  }
}
