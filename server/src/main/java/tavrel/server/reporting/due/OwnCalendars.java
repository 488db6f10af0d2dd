package tavrel.server.reporting.due;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.core.due.CalendarGroup;
import tavrel.core.due.DueTaskKind;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.people.Account;
import tavrel.server.people.Accounts;
import tavrel.server.people.OwnWords;
import tavrel.server.people.PersonCalendar;
import tavrel.server.people.Role;
import tavrel.server.reporting.yards.OwnShare;
import tavrel.server.reporting.yards.YardChoices;
import tavrel.server.seasonplan.SeasonPlanService;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;
import tavrel.server.words.Wording;

/**
 * What needs somebody as a calendar of his own (RFC 5545), in his words and units: every round of a
 * series that is still awaited, a late one on today, and each line with a day. An entry keeps its
 * key while its day moves, so that a change moves it and never doubles it.
 */
@Component
class OwnCalendars {

  private final DueNow due;
  private final SeriesService series;
  private final Accounts accounts;
  private final OwnWords ownWords;
  private final OutfitDay day;
  private final YardChoices choices;
  private final SeasonPlanService plan;
  private final Clock clock;

  OwnCalendars(
      DueNow due,
      SeriesService series,
      Accounts accounts,
      OwnWords ownWords,
      OutfitDay day,
      YardChoices choices,
      SeasonPlanService plan,
      Clock clock) {
    this.due = due;
    this.series = series;
    this.accounts = accounts;
    this.ownWords = ownWords;
    this.day = day;
    this.choices = choices;
    this.plan = plan;
    this.clock = clock;
  }

  /** The file. */
  String write(PersonCalendar.OwnCalendar own, Locale device) {
    Account who = active(own.accountId());
    Wording words = ownWords.of(who, device);
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Tavrel//What needs me//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new Name(words.paper("calendar.own", Map.of("name", who.name()))));
    Instant now = clock.instant();
    LocalDate today = day.today();
    List<DueTask> lines = due.awaited();
    Predicate<DueTask> his = each -> true;
    if (who.role() != Role.READER) {
      OwnShare share = who.role() == Role.KEEPER ? OwnShare.ALL : choices.shareOf(who.id());
      his = each -> share.has(each.apiaryId());
      boolean rings = own.rings().contains(CalendarGroup.ROUNDS);
      Map<String, DueTask> withoutHours = withoutHours(lines);
      series
          .open(null)
          .forEach(each -> addRounds(each, share, withoutHours, rings, calendar, now, words));
    }
    for (DueTask task : lines) {
      CalendarGroup group = CalendarGroup.of(task.kind()).orElse(null);
      if (group != null
          && group != CalendarGroup.ROUNDS
          && task.putOff() == null
          && isFor(who, group)
          && his.test(task)) {
        calendar.add(line(task, group, own.rings().contains(group), today, now, words));
      }
    }
    return calendar.toString();
  }

  private Account active(UUID id) {
    return accounts.all().stream()
        .filter(account -> account.id().equals(id) && account.active())
        .findFirst()
        .orElseThrow(() -> Problem.missing(Missing.CALENDAR));
  }

  private static boolean isFor(Account who, CalendarGroup group) {
    return who.role() == Role.KEEPER || (who.role() == Role.CREW && !group.isKeepers());
  }

  /** Rounds whose day weather takes, as it is foretold now. */
  private static Map<String, DueTask> withoutHours(List<DueTask> lines) {
    return lines.stream()
        .filter(each -> each.kind() == DueTaskKind.HOURS_GONE && each.round() != null)
        .collect(
            Collectors.toMap(
                each -> key(each.seriesId(), Objects.requireNonNull(each.round()).number()),
                Function.identity(),
                (one, same) -> one));
  }

  private static String key(@Nullable UUID series, int number) {
    return series + "-" + number;
  }

  private void addRounds(
      Series each,
      OwnShare share,
      Map<String, DueTask> withoutHours,
      boolean rings,
      Calendar calendar,
      Instant now,
      Wording words) {
    for (Series.SeriesRound round : each.rounds()) {
      if (round.state().isAwaited()
          && share.hasRound(each.apiaryId(), plan.agreedCrew(each.id(), round.number()))) {
        boolean late = round.day().isBefore(each.today());
        String says = words.of(told(each, round, late));
        DueTask lost = withoutHours.get(key(each.id(), round.number()));
        if (lost != null) {
          says += ": " + words.of(withoutHours(lost));
        }
        LocalDate on = late ? each.today() : round.day();
        VEvent event = event(key(each.id(), round.number()), on, says, now);
        event.add(new Location(each.apiary()));
        event.add(new Description(words.of(dose(each))));
        if (rings) {
          event.add(alarm(CalendarGroup.ROUNDS.rings(late), says));
        }
        calendar.add(event);
      }
    }
  }

  private static Fact told(Series series, Series.SeriesRound round, boolean late) {
    Fact fact = late ? Fact.of("paper.roundLate").day("day", round.day()) : Fact.of("paper.round");
    return fact.text("apiary", series.apiary())
        .figure("number", round.number())
        .figure("rounds", series.rounds().size());
  }

  private static Fact dose(Series series) {
    return Fact.of("paper.seriesDose")
        .text("series", series.name())
        .count("hives", series.hives().size(), "hive")
        .gramsSet("dose", series.gramsPerBox());
  }

  private static Fact withoutHours(DueTask task) {
    LocalDate next = task.lost() == null ? null : task.lost().next();
    return next == null
        ? Fact.of("due.hoursGone")
        : Fact.of("due.hoursGoneUntil").day("next", next);
  }

  private static VEvent line(
      DueTask task,
      CalendarGroup group,
      boolean rings,
      LocalDate today,
      Instant now,
      Wording words) {
    LocalDate by = task.day() == null || task.day().isBefore(today) ? today : task.day();
    String says = words.of(told(task));
    VEvent event = event(task.line(), by, task.apiary() + ": " + says, now);
    event.add(new Location(task.apiary()));
    if (rings) {
      event.add(alarm(group.rings(false), task.apiary() + ": " + says));
    }
    return event;
  }

  private static VEvent event(String key, LocalDate on, String says, Instant now) {
    VEvent event = new VEvent(on, says);
    event.add(new Uid(key.replace(':', '-') + "@tavrel"));
    event.replace(new DtStamp(now));
    return event;
  }

  private static VAlarm alarm(Duration from, String says) {
    VAlarm alarm = new VAlarm(from);
    alarm.add(ImmutableAction.DISPLAY);
    alarm.add(new Description(says));
    return alarm;
  }

  /** A line in short; what waiting costs and why stands on Today. */
  private static Fact told(DueTask task) {
    String hives =
        task.hives().stream().map(DueTask.NamedHive::name).collect(Collectors.joining(", "))
            + (task.moreHives() > 0 ? " + " + task.moreHives() : "");
    return switch (task.kind()) {
      case BEGIN_BY -> deadline(Fact.of("due.beginBy"), task).text("hives", hives);
      case FALLS_SHORT -> deadline(Fact.of("due.fallsShort"), task).text("hives", hives);
      case WINDOW_CLOSES -> Fact.of("due.windowCloses").text("hives", hives);
      case WINDOW_OPENS -> Fact.of("due.windowOpens").text("hives", hives);
      case TAKE_OUT -> Fact.of("due.takeOut").text("hives", hives);
      case OVER_LABEL -> Fact.of("due.overLabel").text("hives", hives);
      case HONEY_WAIT -> {
        LocalDate until = task.ended();
        yield Fact.of("due.honeyWait")
            .text("hives", hives)
            .day("until", until == null ? LocalDate.EPOCH : until);
      }
      case LOOK_DUE -> Fact.of("due.look").text("hives", hives);
      case NEIGHBOUR -> Fact.of("due.neighbour").text("hives", hives);
      case BOARDS_TO_READ ->
          Fact.of("due.boards")
              .count("boards", task.boards() == null ? 0 : task.boards().boards(), "board");
      case RECOUNT_DUE -> Fact.of("due.recount").text("series", String.valueOf(task.series()));
      default -> Fact.of("due.count");
    };
  }

  private static Fact deadline(Fact fact, DueTask task) {
    DueTask.Waiting waiting = task.waiting();
    return waiting == null
        ? fact.day("date", task.day() == null ? LocalDate.EPOCH : task.day()).share("target", 0)
        : fact.day("date", waiting.deadline().date()).share("target", waiting.deadline().target());
  }
}
