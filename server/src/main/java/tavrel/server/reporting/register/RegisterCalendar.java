package tavrel.server.reporting.register;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;
import tavrel.core.register.HoneyWait;
import tavrel.core.register.TreatmentKind;
import tavrel.server.words.Wording;

/**
 * What was done, day by day and apiary by apiary, as iCalendar (RFC 5545), with the day from which
 * supers may go back in each. Whole days, each in its apiary's zone.
 */
final class RegisterCalendar {

  private RegisterCalendar() {}

  /**
   * One means on one day in one apiary; lines that were struck out are not in it.
   *
   * @param hives treated
   * @param acid grams of acid dihydrate in all, as it holds now
   * @param waitingDays the longest wait for honey by the sheets of these lines, or null where all
   *     are silent
   * @param silent whether one of them is silent about it
   * @param ruleSheets names of those sheets, or null
   */
  record DayDone(
      LocalDate day,
      UUID apiaryId,
      String apiary,
      TreatmentKind means,
      int hives,
      double acid,
      @Nullable Integer waitingDays,
      boolean silent,
      @Nullable String ruleSheets) {

    private Stream<HoneyWait.Given> given() {
      return silent && waitingDays != null
          ? Stream.of(new HoneyWait.Given(day, waitingDays), new HoneyWait.Given(day, null))
          : Stream.of(new HoneyWait.Given(day, waitingDays));
    }

    private boolean waits(LocalDate until) {
      return waitingDays != null && waitingDays > 0 && day.plusDays(waitingDays).equals(until);
    }
  }

  /**
   * The file.
   *
   * @param now when it is written
   * @param words of who subscribes
   */
  static String write(List<DayDone> days, Instant now, Wording words) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Tavrel//Register//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new Name(words.paper("calendar.register")));
    Map<UUID, List<DayDone>> byApiary = new LinkedHashMap<>();
    for (DayDone done : days) {
      calendar.add(treated(done, now, words));
      byApiary.computeIfAbsent(done.apiaryId(), none -> new ArrayList<>()).add(done);
    }
    for (List<DayDone> there : byApiary.values()) {
      HoneyWait wait = HoneyWait.after(there.stream().flatMap(DayDone::given).toList());
      if (wait.from() != null && there.stream().anyMatch(done -> done.waits(wait.from()))) {
        calendar.add(honey(there.get(0), wait.from(), wait.silent(), now, words));
      }
    }
    return calendar.toString();
  }

  private static VEvent treated(DayDone done, Instant now, Wording words) {
    VEvent event =
        event(done, done.day(), "treated", done.apiary() + ": " + words.of(done.means()), now);
    event.add(
        new Description(
            words.of(treated(done))
                + (done.ruleSheets() == null
                    ? ""
                    : "\n" + words.paper("calendar.by", Map.of("sheets", done.ruleSheets())))
                + "\n"
                + words.paper("calendar.registerHolds")));
    return event;
  }

  private static Fact treated(DayDone done) {
    Fact told =
        done.acid() > 0
            ? Fact.of("paper.hivesWithAcid").grams("acid", done.acid())
            : Fact.of("paper.hives");
    return told.count("hives", done.hives(), "hive");
  }

  /** One for an apiary: the longest wait of all its lines holds, so no hive's ends later. */
  private static VEvent honey(
      DayDone at, LocalDate from, boolean silent, Instant now, Wording words) {
    VEvent event =
        event(at, from, "honey", at.apiary() + ": " + words.paper("calendar.supersBack"), now);
    event.add(
        new Description(
            words.paper("calendar.bySheets")
                + (silent ? "\n" + words.paper("register.silent") : "")));
    return event;
  }

  private static VEvent event(DayDone done, LocalDate day, String kind, String says, Instant now) {
    VEvent event = new VEvent(day, says);
    event.add(
        new Uid(done.apiaryId() + "-" + done.day() + "-" + done.means() + "-" + kind + "@tavrel"));
    event.replace(new DtStamp(now));
    event.add(new Location(done.apiary()));
    return event;
  }
}
