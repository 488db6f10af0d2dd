package tavrel.core.apiaryyear;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tavrel.core.DaySpan;

/**
 * A stretch of an apiary's year as it is drawn behind a plan.
 *
 * @param kind what it is
 * @param from first day
 * @param to last day
 * @param says in words
 */
public record YearStretch(Kind kind, LocalDate from, LocalDate to, String says) {

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
      add(found, Kind.SUPERS, supers, span, "supers are usually on");
      day = supers.to().plusDays(1);
    }
    for (int year = span.from().getYear() - 1; year <= span.to().getYear(); year++) {
      add(found, Kind.NO_LAYING, dates.pauseOf(year), span, "no laying expected");
    }
    for (LocalDate day = span.from(); !day.isAfter(span.to()); ) {
      DaySpan free = dates.broodlessAfter(day);
      if (free == null || !free.meets(span)) {
        break;
      }
      add(found, Kind.BROODLESS, free, span, "no capped brood expected: look to confirm");
      day = free.to().plusDays(1);
    }
    LocalDate winterBees = dates.winterBeesAfter(span.from());
    add(
        found,
        Kind.WINTER_BEES,
        new DaySpan(winterBees, winterBees),
        span,
        "mites should be down before the winter bees are raised");
    for (YearBand band : bands) {
      for (DaySpan days : band.in(span)) {
        add(found, kind(band.kind()), days, span, band.name() + ", " + band.kind().words());
      }
    }
    found.sort((one, other) -> one.from.compareTo(other.from));
    return List.copyOf(found);
  }

  /** Why supers close a day, or null where none are expected to be on. */
  public static @Nullable String supersOn(SeasonDates dates, List<YearBand> bands, LocalDate day) {
    if (dates.supersOn(day)) {
      return "supers are usually on";
    }
    return bands.stream()
        .filter(band -> band.kind() == YearBand.Kind.SUPERS)
        .filter(band -> !band.in(new DaySpan(day, day)).isEmpty())
        .map(band -> "supers are on, " + band.name())
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
      List<YearStretch> found, Kind kind, DaySpan days, DaySpan span, String says) {
    if (days.meets(span)) {
      LocalDate from = days.from().isBefore(span.from()) ? span.from() : days.from();
      LocalDate to = days.to().isAfter(span.to()) ? span.to() : days.to();
      found.add(new YearStretch(kind, from, to, says));
    }
  }
}
