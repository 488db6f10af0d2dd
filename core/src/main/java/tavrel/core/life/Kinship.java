package tavrel.core.life;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whose days count for whom. A split keeps what was done to its mother until that day; a hive into
 * which another was united takes on the stricter of both: of each year until then the greater
 * number of rounds, and the latest day; what is done to it later comes on top. A super that came
 * from another hive brings the wait for its honey and nothing else.
 */
public final class Kinship {

  private final Map<UUID, List<Tie>> ties;
  private final Map<UUID, List<Tie>> withSupers;

  private Kinship(Collection<Tie> all) {
    withSupers = all.stream().collect(Collectors.groupingBy(Tie::hiveId));
    ties =
        all.stream()
            .filter(tie -> tie.by() != Tie.TieKind.SUPERS)
            .sorted(Comparator.comparing(Tie::day))
            .collect(Collectors.groupingBy(Tie::hiveId));
  }

  /** Kinship by what ties hives to each other. */
  public static Kinship of(Collection<Tie> ties) {
    return new Kinship(ties);
  }

  /** Some hives with all those whose days count for them, or whose supers came to them. */
  public Set<UUID> withKin(Collection<UUID> hiveIds) {
    Set<UUID> found = new HashSet<>();
    hiveIds.forEach(hive -> collect(hive, found));
    return found;
  }

  private void collect(UUID hiveId, Set<UUID> found) {
    if (found.add(hiveId)) {
      withSupers.getOrDefault(hiveId, List.of()).forEach(tie -> collect(tie.otherId(), found));
    }
  }

  /** Splits that a hive comes from, its own first, then its mother's; each with its day. */
  public List<Tie> mothers(UUID hiveId) {
    List<Tie> mothers = new ArrayList<>();
    Set<UUID> met = new HashSet<>();
    UUID child = hiveId;
    while (child != null && met.add(child)) {
      Tie split =
          ties.getOrDefault(child, List.of()).stream().filter(Tie::split).findFirst().orElse(null);
      if (split != null) {
        mothers.add(split);
      }
      child = split == null ? null : split.otherId();
    }
    return List.copyOf(mothers);
  }

  /** Hives that were split from another. */
  public Set<UUID> splits() {
    return ties.values().stream()
        .flatMap(List::stream)
        .filter(Tie::split)
        .map(Tie::hiveId)
        .collect(Collectors.toSet());
  }

  /**
   * Days on which something was done that counts for a hive, ascending.
   *
   * @param own days of each hive by itself, ascending
   */
  public List<LocalDate> days(UUID hiveId, Function<UUID, List<LocalDate>> own) {
    return days(new Moment(hiveId, LocalDate.MAX), own, new HashSet<>());
  }

  /** A hive with what had been done to it by the end of a day. */
  private record Moment(UUID hiveId, LocalDate day) {}

  private List<LocalDate> days(
      Moment at, Function<UUID, List<LocalDate>> own, Set<Moment> onTheWay) {
    List<LocalDate> mine = own.apply(at.hiveId());
    List<Tie> kin = ties.getOrDefault(at.hiveId(), List.of());
    if (kin.isEmpty() || !onTheWay.add(at)) {
      return between(mine, LocalDate.MIN, at.day());
    }
    List<LocalDate> days = List.of();
    LocalDate until = LocalDate.MIN;
    for (Tie tie : kin) {
      if (tie.day().isAfter(at.day())) {
        break;
      }
      List<LocalDate> before = join(days, between(mine, until, tie.day()));
      List<LocalDate> theirs = days(new Moment(tie.otherId(), tie.day()), own, onTheWay);
      days = tie.split() ? join(theirs, before) : stricter(before, theirs);
      until = tie.day();
    }
    onTheWay.remove(at);
    return join(days, between(mine, until, at.day()));
  }

  /** Days after one and up to another. */
  private static List<LocalDate> between(List<LocalDate> days, LocalDate after, LocalDate upTo) {
    return days.stream().filter(day -> day.isAfter(after) && !day.isAfter(upTo)).toList();
  }

  private static List<LocalDate> join(List<LocalDate> some, List<LocalDate> others) {
    return Stream.concat(some.stream(), others.stream()).sorted().toList();
  }

  /**
   * All that was done to a hive and, until the day that ties them, to those whose life it took on;
   * ascending.
   *
   * @param own what was done to each hive by itself, ascending
   * @param dayOf when it was done
   */
  public <T> List<T> all(
      UUID hiveId, Function<UUID, List<T>> own, Function<? super T, LocalDate> dayOf) {
    return all(ties, hiveId, own, dayOf);
  }

  /**
   * The same, and all that was done to hives whose supers came to it, until they did: a wait for
   * honey that clings to one of them clings to it.
   *
   * @param own what was done to each hive by itself, ascending
   * @param dayOf when it was done
   */
  public <T> List<T> clinging(
      UUID hiveId, Function<UUID, List<T>> own, Function<? super T, LocalDate> dayOf) {
    return all(withSupers, hiveId, own, dayOf);
  }

  private static <T> List<T> all(
      Map<UUID, List<Tie>> by,
      UUID hiveId,
      Function<UUID, List<T>> own,
      Function<? super T, LocalDate> dayOf) {
    Map<UUID, LocalDate> until = new HashMap<>();
    follow(by, hiveId, LocalDate.MAX, until);
    return until.entrySet().stream()
        .flatMap(
            kin ->
                own.apply(kin.getKey()).stream()
                    .filter(each -> !dayOf.apply(each).isAfter(kin.getValue())))
        .sorted(Comparator.comparing(dayOf))
        .toList();
  }

  private static void follow(
      Map<UUID, List<Tie>> by, UUID hiveId, LocalDate day, Map<UUID, LocalDate> until) {
    LocalDate known = until.get(hiveId);
    if (known != null && !known.isBefore(day)) {
      return;
    }
    until.put(hiveId, day);
    for (Tie tie : by.getOrDefault(hiveId, List.of())) {
      if (!tie.day().isAfter(day)) {
        follow(by, tie.otherId(), tie.day(), until);
      }
    }
  }

  /** Of each year the longer list; its latest day is the latest of both. */
  private static List<LocalDate> stricter(List<LocalDate> one, List<LocalDate> other) {
    Map<Integer, List<LocalDate>> ones = byYear(one);
    Map<Integer, List<LocalDate>> others = byYear(other);
    TreeMap<Integer, List<LocalDate>> years = new TreeMap<>(ones);
    others.forEach(
        (year, days) ->
            years.merge(year, days, (mine, theirs) -> theirs.size() > mine.size() ? theirs : mine));
    List<LocalDate> all = new ArrayList<>();
    years.forEach(
        (year, days) -> {
          List<LocalDate> strict = new ArrayList<>(days);
          LocalDate latest =
              latest(ones.getOrDefault(year, List.of()), others.getOrDefault(year, List.of()));
          strict.set(strict.size() - 1, latest);
          all.addAll(strict);
        });
    return List.copyOf(all);
  }

  private static LocalDate latest(List<LocalDate> one, List<LocalDate> other) {
    return Stream.concat(one.stream(), other.stream()).max(LocalDate::compareTo).orElseThrow();
  }

  private static Map<Integer, List<LocalDate>> byYear(List<LocalDate> days) {
    return days.stream()
        .collect(Collectors.groupingBy(LocalDate::getYear, TreeMap::new, Collectors.toList()));
  }
}
