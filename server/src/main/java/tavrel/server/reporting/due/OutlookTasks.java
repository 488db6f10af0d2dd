package tavrel.server.reporting.due;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.due.DueDays;
import tavrel.core.due.DueTaskKind;
import tavrel.core.due.Need;
import tavrel.core.life.Kinship;
import tavrel.core.register.HoneyWait;
import tavrel.core.spacing.LatestStart;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.count.Counts;
import tavrel.server.hive.HiveStays;
import tavrel.server.hive.Hives;
import tavrel.server.outlook.Outlook;

/** What colonies need by their outlook, and what nobody has looked after. */
@Component
class OutlookTasks {

  static final int NAMED = 6;

  private final Hives allHives;
  private final Apiaries apiaries;
  private final ApiaryYears apiaryYears;
  private final Counts counts;
  private final HiveStays stays;
  private final DueMapper mapper;

  OutlookTasks(
      Hives allHives,
      Apiaries apiaries,
      ApiaryYears apiaryYears,
      Counts counts,
      HiveStays stays,
      DueMapper mapper) {
    this.allHives = allHives;
    this.apiaries = apiaries;
    this.apiaryYears = apiaryYears;
    this.counts = counts;
    this.stays = stays;
    this.mapper = mapper;
  }

  /**
   * All lines that follow from outlooks.
   *
   * @param outlooks by hive
   * @param pressing lines of hives in danger or above the limit; they get what waiting costs them
   * @param pressed the hives that those are about
   */
  List<DueTask> of(
      Map<UUID, Outlook> outlooks, List<DueTask> pressing, Map<UUID, LocalDate> pressed) {
    Map<UUID, List<Hives.Named>> yards =
        allHives.living().stream().collect(Collectors.groupingBy(Hives.Named::apiaryId));
    Map<UUID, LocalDate> counted = counts.lastCountOfHives();
    List<DueTask> tasks = new ArrayList<>();
    pressing.forEach(each -> tasks.add(each.waiting(worst(each.hives(), outlooks))));
    Map<UUID, List<DueMapper.DiedOfMites>> died = died();
    Map<UUID, List<DueMapper.Waited>> waited =
        mapper.waited(earliestToday()).stream()
            .collect(Collectors.groupingBy(DueMapper.Waited::hiveId));
    Kinship kinship = stays.kinship();
    for (Apiary apiary : apiaries.all()) {
      List<Hives.Named> hives = yards.getOrDefault(apiary.id(), List.of());
      if (!hives.isEmpty()) {
        addNeeds(apiary, hives, outlooks, pressed.keySet(), tasks);
        addNeighbours(apiary, hives, pressed, counted, died, tasks);
        addUnseen(apiary, hives, outlooks, counted, tasks);
        addBeyondLabel(apiary, hives, outlooks, tasks);
        addHoneyWaits(apiary, hives, waited, kinship, tasks);
      }
    }
    return tasks;
  }

  private Map<UUID, List<DueMapper.DiedOfMites>> died() {
    return mapper.diedOfMites(DueDays.collapsesSince(earliestToday())).stream()
        .collect(Collectors.groupingBy(DueMapper.DiedOfMites::apiaryId));
  }

  /** Today where it is earliest. */
  private LocalDate earliestToday() {
    return apiaries.all().stream()
        .map(apiaries::today)
        .min(Comparator.naturalOrder())
        .orElse(LocalDate.EPOCH);
  }

  private void addNeeds(
      Apiary apiary,
      List<Hives.Named> hives,
      Map<UUID, Outlook> outlooks,
      Set<UUID> pressed,
      List<DueTask> tasks) {
    LocalDate today = apiaries.today(apiary);
    Map<DueTaskKind, List<Needy>> needy =
        hives.stream()
            .filter(hive -> !pressed.contains(hive.hiveId()))
            .map(hive -> needy(hive, outlooks.get(hive.hiveId()), today))
            .filter(Objects::nonNull)
            .collect(Collectors.groupingBy(each -> each.need().kind()));
    needy.forEach(
        (kind, all) -> {
          LocalDate by = all.stream().map(each -> each.need().by()).min(LocalDate::compareTo).get();
          List<Needy> worstFirst = all.stream().sorted(Needy.WORST_FIRST).toList();
          tasks.add(
              DueTask.of(kind, apiary.id(), apiary.name(), by, null)
                  .about(worstFirst.stream().map(Needy::named).toList(), NAMED)
                  .waiting(worstFirst.get(0).waiting()));
        });
  }

  /** Hives of which more rounds are agreed this year than their label leaves. */
  private static void addBeyondLabel(
      Apiary apiary, List<Hives.Named> hives, Map<UUID, Outlook> outlooks, List<DueTask> tasks) {
    Map<Hives.Named, LocalDate> beyond = new LinkedHashMap<>();
    for (Hives.Named hive : hives) {
      Outlook outlook = outlooks.get(hive.hiveId());
      if (outlook != null && outlook.beyondLabel() != null) {
        beyond.put(hive, outlook.beyondLabel());
      }
    }
    if (!beyond.isEmpty()) {
      LocalDate first = Collections.min(beyond.values());
      tasks.add(about(DueTaskKind.OVER_LABEL, apiary, first, beyond.keySet()));
    }
  }

  /**
   * Hives whose honey still waits when supers usually go on. A wait goes along to splits and
   * unions, and with supers to the next hive.
   */
  private void addHoneyWaits(
      Apiary apiary,
      List<Hives.Named> hives,
      Map<UUID, List<DueMapper.Waited>> waited,
      Kinship kinship,
      List<DueTask> tasks) {
    SeasonDates dates = apiaryYears.of(apiary).dates();
    LocalDate today = apiaries.today(apiary);
    Map<Hives.Named, LocalDate> until = new LinkedHashMap<>();
    for (Hives.Named hive : hives) {
      LocalDate from = waits(hive.hiveId(), waited, kinship).from();
      if (from != null && DueDays.supersMeetWait(from, dates, today).isPresent()) {
        until.put(hive, from);
      }
    }
    if (!until.isEmpty()) {
      LocalDate last = Collections.max(until.values());
      LocalDate on = DueDays.supersMeetWait(last, dates, today).orElse(today);
      tasks.add(about(DueTaskKind.HONEY_WAIT, apiary, on, until.keySet()).honeyUntil(last));
    }
  }

  private static HoneyWait waits(
      UUID hiveId, Map<UUID, List<DueMapper.Waited>> waited, Kinship kinship) {
    return HoneyWait.after(
        kinship
            .clinging(hiveId, id -> waited.getOrDefault(id, List.of()), DueMapper.Waited::day)
            .stream()
            .map(each -> new HoneyWait.Given(each.day(), each.waitingDays()))
            .toList());
  }

  private static DueTask about(
      DueTaskKind kind, Apiary apiary, LocalDate by, Collection<Hives.Named> hives) {
    return DueTask.of(kind, apiary.id(), apiary.name(), by, null)
        .about(
            hives.stream()
                .map(hive -> new DueTask.NamedHive(hive.hiveId(), hive.hive(), null))
                .toList(),
            NAMED);
  }

  /** A hive that needs something. */
  private record Needy(Hives.Named hive, Outlook outlook, LatestStart reading, Need need) {

    static final Comparator<Needy> WORST_FIRST =
        Comparator.comparing((Needy each) -> each.need.by())
            .thenComparing(each -> -each.need.costs())
            .thenComparing(each -> -each.reading.expected());

    DueTask.NamedHive named() {
      return new DueTask.NamedHive(hive.hiveId(), hive.hive(), reading.expected());
    }

    DueTask.Waiting waiting() {
      return DueTask.Waiting.of(hive.hive(), outlook.deadline(), reading);
    }
  }

  private static @Nullable Needy needy(
      Hives.Named hive, @Nullable Outlook outlook, LocalDate today) {
    LatestStart reading = outlook == null ? null : outlook.reading();
    return outlook == null || reading == null
        ? null
        : Need.of(reading, outlook.deadline(), today)
            .map(need -> new Needy(hive, outlook, reading, need))
            .orElse(null);
  }

  /** What waiting costs the one of some hives to which it costs most. */
  private static DueTask.@Nullable Waiting worst(
      List<DueTask.NamedHive> hives, Map<UUID, Outlook> outlooks) {
    DueTask.Waiting worst = null;
    for (DueTask.NamedHive hive : hives) {
      Outlook outlook = outlooks.get(hive.id());
      LatestStart reading = outlook == null ? null : outlook.reading();
      if (outlook != null && reading != null && reading.asksForWork()) {
        DueTask.Waiting waiting = DueTask.Waiting.of(hive.name(), outlook.deadline(), reading);
        worst = worst == null || waiting.weekCosts() > worst.weekCosts() ? waiting : worst;
      }
    }
    return worst;
  }

  /** Those beside a colony in danger, or one that died of mites, that were not counted since. */
  private void addNeighbours(
      Apiary apiary,
      List<Hives.Named> hives,
      Map<UUID, LocalDate> inDanger,
      Map<UUID, LocalDate> counted,
      Map<UUID, List<DueMapper.DiedOfMites>> died,
      List<DueTask> tasks) {
    LocalDate today = apiaries.today(apiary);
    LocalDate shown =
        Stream.concat(
                hives.stream().map(hive -> inDanger.get(hive.hiveId())).filter(Objects::nonNull),
                died.getOrDefault(apiary.id(), List.of()).stream().map(DueMapper.DiedOfMites::day))
            .max(LocalDate::compareTo)
            .orElse(null);
    if (shown == null || !DueDays.stillPresses(shown, today)) {
      return;
    }
    List<DueTask.NamedHive> beside =
        hives.stream()
            .filter(hive -> !inDanger.containsKey(hive.hiveId()))
            .filter(hive -> !countedSince(counted.get(hive.hiveId()), shown))
            .map(hive -> new DueTask.NamedHive(hive.hiveId(), hive.hive(), null))
            .toList();
    if (!beside.isEmpty()) {
      tasks.add(
          DueTask.of(
                  DueTaskKind.NEIGHBOUR,
                  apiary.id(),
                  apiary.name(),
                  DueDays.countNeighbours(shown),
                  null)
              .about(beside, NAMED));
    }
  }

  private static boolean countedSince(@Nullable LocalDate last, LocalDate shown) {
    return last != null && !last.isBefore(shown);
  }

  private void addUnseen(
      Apiary apiary,
      List<Hives.Named> hives,
      Map<UUID, Outlook> outlooks,
      Map<UUID, LocalDate> counted,
      List<DueTask> tasks) {
    LocalDate today = apiaries.today(apiary);
    SeasonDates dates = apiaryYears.of(apiary).dates();
    List<DueTask.NamedHive> unseen =
        hives.stream()
            .filter(hive -> outlooks.containsKey(hive.hiveId()))
            .filter(
                hive ->
                    DueDays.isUnseen(
                        later(
                            counted.get(hive.hiveId()),
                            Objects.requireNonNull(outlooks.get(hive.hiveId())).lastKnown()),
                        dates,
                        today))
            .map(hive -> new DueTask.NamedHive(hive.hiveId(), hive.hive(), null))
            .toList();
    if (!unseen.isEmpty()) {
      tasks.add(
          DueTask.of(DueTaskKind.UNSEEN, apiary.id(), apiary.name(), null, null)
              .about(unseen, NAMED));
    }
  }

  private static @Nullable LocalDate later(@Nullable LocalDate one, @Nullable LocalDate other) {
    return one == null || (other != null && other.isAfter(one)) ? other : one;
  }
}
