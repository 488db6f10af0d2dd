package tavrel.core.result;

import java.time.LocalDate;
import java.time.Month;
import java.util.Collection;
import java.util.Comparator;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import tavrel.core.Fact;

/**
 * Which winter is meant on which side of the equator. A winter is told by the year of its spring:
 * 2027 is that from 2026 to 2027 in the north, and that of the middle of 2027 in the south.
 */
public enum Wintering {
  NORTH(Month.OCTOBER, Month.AUGUST, Month.DECEMBER),
  SOUTH(Month.APRIL, Month.FEBRUARY, Month.JUNE);

  private final Month comes;
  private final Month autumnFrom;
  private final Month autumnTo;

  Wintering(Month comes, Month autumnFrom, Month autumnTo) {
    this.comes = comes;
    this.autumnFrom = autumnFrom;
    this.autumnTo = autumnTo;
  }

  /** That of an apiary. */
  public static Wintering of(boolean south) {
    return south ? SOUTH : NORTH;
  }

  /** The winter that begins in a calendar year. */
  public int beginningIn(int year) {
    return this == NORTH ? year + 1 : year;
  }

  /** The winter that is looked at on a day: late in autumn the one to come, till then the last. */
  public int on(LocalDate day) {
    int coming = beginningIn(day.getYear());
    return day.getMonth().compareTo(comes) >= 0 ? coming : coming - 1;
  }

  /**
   * Whether a sample of this day tells of the load that hives take into the winter that begins in
   * its year.
   */
  public boolean isAutumn(LocalDate day) {
    Month month = day.getMonth();
    return month.compareTo(autumnFrom) >= 0 && month.compareTo(autumnTo) <= 0;
  }

  /**
   * A sample of bees.
   *
   * @param hiveId of which hive
   * @param day when
   * @param found what was in it
   */
  public record Sample(UUID hiveId, LocalDate day, Efficacy.Found found) {}

  /**
   * The load that each hive takes into the winter that begins in the samples' year: its last sample
   * of autumn.
   *
   * @return share of bees with mites, at most 1, by hive
   */
  public Map<UUID, Double> loads(Collection<Sample> ofOneYear) {
    return ofOneYear.stream()
        .filter(each -> isAutumn(each.day()))
        .sorted(Comparator.comparing(Sample::day))
        .collect(
            Collectors.toMap(
                Sample::hiveId, each -> Math.min(1, each.found().share()), (a, b) -> b));
  }

  /** A winter's name. */
  public Fact told(int winter) {
    return this == NORTH
        ? Fact.of("winter.ofTwoYears")
            .text("from", String.valueOf(winter - 1))
            .text("to", String.valueOf(winter))
        : Fact.of("winter.ofOneYear").text("year", String.valueOf(winter));
  }
}
