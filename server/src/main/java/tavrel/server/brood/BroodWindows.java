package tavrel.server.brood;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.DaySpan;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.brood.BroodDefaults;
import tavrel.core.brood.BroodEvent;
import tavrel.core.brood.BroodState;
import tavrel.core.brood.FreeWindow;
import tavrel.core.brood.LookDate;
import tavrel.core.due.DueDays;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.hive.Hives;
import tavrel.server.parameter.OwnParameters;

/** Windows without capped brood and looks that are due, across all apiaries. */
@Service
public class BroodWindows {

  private static final int SHOWN = 100;

  /**
   * A hive in a list of windows.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param apiary its apiary's name
   * @param apiaryId its apiary
   * @param state of today
   * @param window without capped workers
   */
  public record WindowLine(
      UUID hiveId,
      String hive,
      String apiary,
      UUID apiaryId,
      BroodState state,
      FreeWindow window) {}

  /**
   * A list with how many there are in all; at most 100 are named.
   *
   * @param total how many
   * @param lines soonest to end first
   */
  public record WindowList(int total, List<WindowLine> lines) {}

  /**
   * Hives of an apiary that nothing is on record of.
   *
   * @param apiary its name
   * @param apiaryId the apiary
   * @param hives how many
   * @param expected the winter window that the calendar expects, or null
   */
  public record Unrecorded(String apiary, UUID apiaryId, int hives, @Nullable DaySpan expected) {}

  /**
   * Windows across all apiaries.
   *
   * @param freeNow hives without capped brood today
   * @param freeSoon hives whose window opens in the next 14 days
   * @param closing hives free now whose window ends within a week
   * @param unrecorded hives without a record, by apiary
   */
  public record Windows(
      WindowList freeNow, WindowList freeSoon, WindowList closing, List<Unrecorded> unrecorded) {}

  private final KnownEvents known;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ApiaryYears apiaryYears;
  private final OwnParameters figures;

  BroodWindows(
      KnownEvents known,
      Apiaries apiaries,
      Hives allHives,
      ApiaryYears apiaryYears,
      OwnParameters figures) {
    this.known = known;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.apiaryYears = apiaryYears;
    this.figures = figures;
  }

  /** Windows of all hives. */
  public Windows all() {
    Map<UUID, List<BroodEvent>> events = known.all();
    BroodDefaults defaults = figures.brood();
    Map<UUID, There> places =
        apiaries.all().stream()
            .map(place -> new There(place, apiaryYears.of(place).dates(), apiaries.today(place)))
            .collect(Collectors.toMap(there -> there.apiary().id(), Function.identity()));
    List<WindowLine> lines = new ArrayList<>();
    Map<UUID, Integer> unrecorded = new HashMap<>();
    for (Hives.Named hive : allHives.living()) {
      List<BroodEvent> own = events.get(hive.hiveId());
      There there = Objects.requireNonNull(places.get(hive.apiaryId()));
      if (own == null) {
        unrecorded.merge(hive.apiaryId(), 1, Integer::sum);
      } else {
        BroodClock brood = BroodClock.of(own, defaults, there.calendar(), there.today());
        lines.add(
            new WindowLine(
                hive.hiveId(),
                hive.hive(),
                there.apiary().name(),
                there.apiary().id(),
                brood.on(there.today()),
                brood.workers()));
      }
    }
    return new Windows(
        list(lines, line -> line.state() != BroodState.CAPPED),
        list(lines, line -> line.window().opensSoon(today(line, places))),
        list(
            lines,
            line ->
                line.state() != BroodState.CAPPED && line.window().closesSoon(today(line, places))),
        unrecorded(unrecorded, places));
  }

  /**
   * A look inside that is due.
   *
   * @param hiveId the hive
   * @param hive its name
   * @param apiary its apiary's name
   * @param apiaryId its apiary
   * @param look when and what for
   */
  public record LookLine(UUID hiveId, String hive, String apiary, UUID apiaryId, LookDate look) {}

  /** Looks inside that are due by now, of hives of which something is on record. */
  public List<LookLine> looksDue() {
    Map<UUID, List<BroodEvent>> events = known.all();
    BroodDefaults defaults = figures.brood();
    Map<UUID, There> places = new HashMap<>();
    List<LookLine> lines = new ArrayList<>();
    for (Hives.Named hive : allHives.living()) {
      List<BroodEvent> own = events.get(hive.hiveId());
      if (own != null) {
        There there = places.computeIfAbsent(hive.apiaryId(), this::there);
        BroodClock.of(own, defaults, there.calendar(), there.today()).lookDates().stream()
            .filter(look -> DueDays.lookIsDue(look.day(), there.calendar(), there.today()))
            .findFirst()
            .ifPresent(
                look ->
                    lines.add(
                        new LookLine(
                            hive.hiveId(),
                            hive.hive(),
                            there.apiary().name(),
                            hive.apiaryId(),
                            look)));
      }
    }
    return lines;
  }

  private There there(UUID apiaryId) {
    Apiary place = apiaries.byId(apiaryId);
    return new There(place, apiaryYears.of(place).dates(), apiaries.today(place));
  }

  /** An apiary on its own day of its own year. */
  private record There(Apiary apiary, SeasonDates calendar, LocalDate today) {}

  private static LocalDate today(WindowLine line, Map<UUID, There> places) {
    return Objects.requireNonNull(places.get(line.apiaryId())).today();
  }

  private static List<Unrecorded> unrecorded(Map<UUID, Integer> hives, Map<UUID, There> places) {
    return hives.entrySet().stream()
        .map(
            entry -> {
              There there = Objects.requireNonNull(places.get(entry.getKey()));
              FreeWindow expected =
                  BroodClock.of(List.of(), BroodDefaults.USUAL, there.calendar(), there.today())
                      .workers();
              return new Unrecorded(
                  there.apiary().name(), there.apiary().id(), entry.getValue(), expected.likely());
            })
        .sorted(Comparator.comparing(Unrecorded::apiary))
        .toList();
  }

  private static WindowList list(
      List<WindowLine> lines, java.util.function.Predicate<WindowLine> wanted) {
    List<WindowLine> found =
        lines.stream()
            .filter(wanted)
            .sorted(Comparator.comparing(BroodWindows::ends).thenComparing(WindowLine::apiary))
            .toList();
    return new WindowList(found.size(), found.stream().limit(SHOWN).toList());
  }

  private static LocalDate ends(WindowLine line) {
    DaySpan days = line.window().widest();
    return days == null || line.window().openEnded() ? LocalDate.MAX : days.to();
  }
}
