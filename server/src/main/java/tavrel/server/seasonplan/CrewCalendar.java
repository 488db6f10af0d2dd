package tavrel.server.seasonplan;

import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Geo;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import tavrel.server.apiary.Apiary;

/** A crew's agreed days as iCalendar (RFC 5545), times in UTC. */
final class CrewCalendar {

  private CrewCalendar() {}

  /**
   * The file.
   *
   * @param now when it is written
   */
  static String write(OutfitCrew crew, List<CrewDays.CrewDay> days, Instant now) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Tavrel//Season plan//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new Name("Rounds of " + crew.name()));
    for (CrewDays.CrewDay day : days) {
      for (CrewDays.DayStop stop : day.stops()) {
        calendar.add(event(day, stop, now));
      }
    }
    return calendar.toString();
  }

  private static VEvent event(CrewDays.CrewDay day, CrewDays.DayStop stop, Instant now) {
    Apiary apiary = stop.apiary();
    VEvent event =
        new VEvent(
            stop.begins(),
            stop.ends(),
            apiary.name()
                + ", round "
                + stop.number()
                + " of "
                + stop.rounds()
                + (stop.toConfirm() ? " (to be confirmed)" : ""));
    event.add(new Uid(stop.seriesId() + "-" + stop.number() + "@tavrel"));
    event.replace(new DtStamp(now));
    event.add(new Location(apiary.name()));
    if (apiary.latitude() != null && apiary.longitude() != null) {
      event.add(new Geo(apiary.latitude() + ";" + apiary.longitude()));
    }
    event.add(
        new Description(
            stop.series()
                + "\n"
                + stop.hives()
                + " hives, about "
                + Math.round(stop.acid())
                + " g of acid dihydrate by the boxes that stand there; the dose sheet of the day"
                + " decides\n"
                + day.hoursSay()));
    return event;
  }
}
