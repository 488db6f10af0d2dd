package tavrel.server.seasonplan;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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
import tavrel.core.Fact;
import tavrel.server.apiary.Apiary;
import tavrel.server.words.Wording;

/** A crew's agreed days as iCalendar (RFC 5545), times in UTC. */
final class CrewCalendar {

  private CrewCalendar() {}

  /**
   * The file.
   *
   * @param now when it is written
   * @param words of who subscribes
   */
  static String write(OutfitCrew crew, List<CrewDays.CrewDay> days, Instant now, Wording words) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Tavrel//Season plan//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new Name(words.paper("calendar.roundsOf", Map.of("crew", crew.name()))));
    for (CrewDays.CrewDay day : days) {
      for (CrewDays.DayStop stop : day.stops()) {
        calendar.add(event(day, stop, now, words));
      }
    }
    return calendar.toString();
  }

  private static VEvent event(
      CrewDays.CrewDay day, CrewDays.DayStop stop, Instant now, Wording words) {
    Apiary apiary = stop.apiary();
    VEvent event =
        new VEvent(
            stop.begins(),
            stop.ends(),
            words.of(
                (stop.toConfirm() ? Fact.of("paper.roundToConfirm") : Fact.of("paper.round"))
                    .text("apiary", apiary.name())
                    .figure("number", stop.number())
                    .figure("rounds", stop.rounds())));
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
                + words.of(
                    Fact.of("paper.hivesAboutAcid")
                        .count("hives", stop.hives(), "hive")
                        .gramsSet("acid", Math.rint(stop.acid())))
                + "\n"
                + day.hoursSay().stream().map(words::of).collect(Collectors.joining("; "))));
    return event;
  }
}
