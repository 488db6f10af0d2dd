package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;
import tavrel.core.Fact;

/**
 * A stretch of an apiary's year as it is drawn behind a plan.
 *
 * @param kind what it is
 * @param from first day
 * @param to last day
 * @param says what, told
 */
public record YearStretch(Kind kind, LocalDate from, LocalDate to, Fact says) {

  /** What can lie behind a plan. */
  public enum Kind {
    SUPERS,
    FLOW,
    NO_LAYING,
    BROODLESS,
    WINTER_BEES,
    OFF
  }

  /** All stretches that meet a span, cut to it, by their first day. */
  public static List<YearStretch> of(SeasonDates dates, List<YearBand> bands, DaySpan span) {
    List<YearStretch> found = new ArrayList<>();
    for (LocalDate day = span.from(); !day.isAfter(span.to()); ) {
      DaySpan supers = dates.supersAfter(day);
      if (supers == null || !supers.meets(span)) {
        break;
      }
      add(found, Kind.SUPERS, supers, span, Fact.of("year.supersUsuallyOn"));
      day = supers.to().plusDays(1);
    }
    for (int year = span.from().getYear() - 1; year <= span.to().getYear(); year++) {
      add(found, Kind.NO_LAYING, dates.pauseOf(year), span, Fact.of("year.noLaying"));
    }
    for (LocalDate day = span.from(); !day.isAfter(span.to()); ) {
      DaySpan free = dates.broodlessAfter(day);
      if (free == null || !free.meets(span)) {
        break;
      }
      add(found, Kind.BROODLESS, free, span, Fact.of("year.broodless"));
      day = free.to().plusDays(1);
    }
    LocalDate winterBees = dates.winterBeesAfter(span.from());
    add(
        found,
        Kind.WINTER_BEES,
        new DaySpan(winterBees, winterBees),
        span,
        Fact.of("year.winterBees"));
    for (YearBand band : bands) {
      for (DaySpan days : band.in(span)) {
        add(
            found,
            kind(band.kind()),
            days,
            span,
            Fact.of("year.band").text("name", band.name()).word("kind", band.kind()));
      }
    }
    found.sort((one, other) -> one.from.compareTo(other.from));
    return List.copyOf(found);
  }

  /** Why supers close a day, or null where none are expected to be on. */
  public static @Nullable Fact supersOn(SeasonDates dates, List<YearBand> bands, LocalDate day) {
    if (dates.supersOn(day)) {
      return Fact.of("year.supersUsuallyOn");
    }
    return bands.stream()
        .filter(band -> band.kind() == YearBand.Kind.SUPERS)
        .filter(band -> !band.in(new DaySpan(day, day)).isEmpty())
        .map(band -> Fact.of("year.supersOn").text("band", band.name()))
        .findFirst()
        .orElse(null);
  }

  private static Kind kind(YearBand.Kind kind) {
    return switch (kind) {
      case FLOW -> Kind.FLOW;
      case SUPERS -> Kind.SUPERS;
      case OFF -> Kind.OFF;
    };
  }

  private static void add(
      List<YearStretch> found, Kind kind, DaySpan days, DaySpan span, Fact says) {
    if (days.meets(span)) {
      LocalDate from = days.from().isBefore(span.from()) ? span.from() : days.from();
      LocalDate to = days.to().isAfter(span.to()) ? span.to() : days.to();
      found.add(new YearStretch(kind, from, to, says));
    }
  }
}
