package tavrel.core.life;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * A hive's life as it is known now: a fold over what was written of it, the same in whatever order
 * it came. Of two moves the one of the later day stands; of one day, the one written later.
 */
public final class HiveLife {

  private final UUID hiveId;
  private final Beginning beginning;
  private final List<LifeEntry> entries;
  private final List<Stay> stays;
  private final @Nullable LifeEntry end;

  private HiveLife(UUID hiveId, Beginning beginning, List<LifeEntry> entries) {
    this.hiveId = hiveId;
    this.beginning = beginning;
    this.entries = entries;
    this.end = entries.stream().filter(entry -> entry.what().ends()).findFirst().orElse(null);
    this.stays = stays(beginning, entries, end);
  }

  /**
   * The life of a hive.
   *
   * @param entries what happened since it began, in any order; those taken back are left out
   */
  public static HiveLife of(UUID hiveId, Beginning beginning, Collection<LifeEntry> entries) {
    return new HiveLife(hiveId, beginning, entries.stream().sorted(LifeEntry.BY_DAY).toList());
  }

  private static List<Stay> stays(
      Beginning beginning, List<LifeEntry> entries, @Nullable LifeEntry end) {
    List<Stay> stays = new ArrayList<>();
    Stay now = new Stay(beginning.apiaryId(), beginning.name(), beginning.day(), null);
    for (LifeEntry entry : entries) {
      Stay next = after(now, entry);
      if (!next.equals(now)) {
        stays.add(new Stay(now.apiaryId(), now.name(), now.from(), entry.day()));
        now = next;
      }
    }
    stays.add(new Stay(now.apiaryId(), now.name(), now.from(), end == null ? null : end.day()));
    return List.copyOf(stays);
  }

  private static Stay after(Stay now, LifeEntry entry) {
    if (entry.what() instanceof LifeEvent.Moved moved) {
      return new Stay(moved.apiaryId(), now.name(), entry.day(), null);
    }
    return entry.what() instanceof LifeEvent.Renamed renamed
        ? new Stay(now.apiaryId(), renamed.name(), entry.day(), null)
        : now;
  }

  /** The hive. */
  public UUID hiveId() {
    return hiveId;
  }

  /** How it began. */
  public Beginning beginning() {
    return beginning;
  }

  /** What happened since, in the order of days. */
  public List<LifeEntry> entries() {
    return entries;
  }

  /**
   * Where it stood under which name, in the order of days; the last one holds now, or held last.
   * One that another of the same day took the place of holds no day.
   */
  public List<Stay> stays() {
    return stays;
  }

  /** Where it stands and what it is called now, or was last. */
  public Stay last() {
    return stays.get(stays.size() - 1);
  }

  /** What ended it, or null while it lives. */
  public @Nullable LifeEntry end() {
    return end;
  }

  /** First day on which it was no more, or null. */
  public @Nullable LocalDate endedOn() {
    return end == null ? null : end.day();
  }

  /** Where it stood on a day; nothing before it began and once it had ended. */
  public Optional<Stay> on(LocalDate day) {
    return stays.stream().filter(stay -> stay.holds(day)).reduce((earlier, later) -> later);
  }

  /** In which boxes and under how many supers it stood on a day. */
  public LifeEvent.SetUp setUpOn(LocalDate day) {
    return entries.stream()
        .filter(entry -> !entry.day().isAfter(day))
        .map(LifeEntry::what)
        .filter(LifeEvent.SetUp.class::isInstance)
        .map(LifeEvent.SetUp.class::cast)
        .reduce((earlier, later) -> later)
        .orElse(beginning.stood());
  }

  /** In which boxes and under how many supers it stands now, or stood last. */
  public LifeEvent.SetUp setUp() {
    return setUpOn(LocalDate.MAX);
  }

  /** What is known of its queen on a day: the latest that was written of her. */
  public Optional<LifeEvent.QueenChanged> queenOn(LocalDate day) {
    return entries.stream()
        .filter(entry -> !entry.day().isAfter(day))
        .map(LifeEntry::what)
        .filter(LifeEvent.QueenChanged.class::isInstance)
        .map(LifeEvent.QueenChanged.class::cast)
        .reduce((earlier, later) -> later);
  }

  /** The same life without an entry. */
  public HiveLife without(UUID entryId) {
    return of(
        hiveId, beginning, entries.stream().filter(entry -> !entry.id().equals(entryId)).toList());
  }

  /**
   * The life with one more entry.
   *
   * @param entry what is said to have happened
   * @param today where the hive stands
   * @param seen what shows that it lived, and where
   * @throws InvalidValue if it cannot have happened then: before the hive began, after it ended,
   *     before something that shows the contrary, or if it would change nothing
   */
  public HiveLife with(LifeEntry entry, LocalDate today, Collection<Evidence> seen) {
    LocalDate day = entry.day();
    String name = on(day).orElseGet(this::last).name();
    if (day.isAfter(today)) {
      throw new InvalidValue(
          "day", "lifeAhead", "{day} has not come yet; write it down when it has happened", day);
    }
    if (beginning.day() != null && day.isBefore(beginning.day())) {
      throw new InvalidValue(
          "day",
          "beforeItBegan",
          "{hive} began on {began}, after {day}",
          name,
          beginning.day(),
          day);
    }
    if (end != null) {
      throw new InvalidValue(
          "day", "hasEnded", "{hive} ended on {ended}; take its end back first", name, end.day());
    }
    if (entry.what() instanceof LifeEvent.Moved moved) {
      checkMove(moved, day, name, seen);
    } else if (entry.what() instanceof LifeEvent.Renamed renamed && renamed.name().equals(name)) {
      throw new InvalidValue("name", "isItsName", "is its name already");
    } else if (entry.what() instanceof LifeEvent.SetUp setUp && setUp.standsAs(setUpOn(day))) {
      throw new InvalidValue("supers", "standsSo", "{hive} stood so on {day}", name, day);
    } else if (entry.what() instanceof LifeEvent.UnitedInto united
        && united.hiveId().equals(hiveId)) {
      throw new InvalidValue("intoId", "unitedWithItself", "is the same hive; choose another");
    }
    if (entry.what().ends()) {
      checkEnd(day, name, seen);
    }
    List<LifeEntry> all = new ArrayList<>(entries);
    all.add(entry);
    return of(hiveId, beginning, all);
  }

  /**
   * Refuses a life that what was done contradicts, as after a move was taken back.
   *
   * @param seen what shows where it stood
   * @throws InvalidValue if it was treated in an apiary on a day on which it stood in another
   */
  public void refuseAgainst(Collection<Evidence> seen) {
    for (Evidence each : seen) {
      UUID there = each.apiaryId();
      if (there != null
          && on(each.day()).filter(stay -> !stay.apiaryId().equals(there)).isPresent()) {
        throw new InvalidValue(
            "day",
            "wasTreatedThere",
            "{hive} was treated where it was moved to, on {day}; it cannot have stayed",
            last().name(),
            each.day());
      }
    }
  }

  private void checkMove(
      LifeEvent.Moved moved, LocalDate day, String name, Collection<Evidence> seen) {
    if (on(day).filter(stay -> stay.apiaryId().equals(moved.apiaryId())).isPresent()) {
      throw new InvalidValue("apiaryId", "standsThere", "{hive} stands there already", name);
    }
    LocalDate next =
        entries.stream()
            .filter(other -> other.what() instanceof LifeEvent.Moved && other.day().isAfter(day))
            .map(LifeEntry::day)
            .findFirst()
            .orElse(LocalDate.MAX);
    seen.stream()
        .filter(each -> each.apiaryId() != null && !each.apiaryId().equals(moved.apiaryId()))
        .map(Evidence::day)
        .filter(treated -> treated.isAfter(day) && treated.isBefore(next))
        .max(Comparator.naturalOrder())
        .ifPresent(
            treated -> {
              throw new InvalidValue(
                  "day",
                  "wasTreatedElsewhere",
                  "{hive} was treated in another apiary on {treated}; it cannot have moved on {day}",
                  name,
                  treated,
                  day);
            });
  }

  private void checkEnd(LocalDate day, String name, Collection<Evidence> seen) {
    seen.stream()
        .map(Evidence::day)
        .filter(done -> done.isAfter(day))
        .max(Comparator.naturalOrder())
        .ifPresent(
            done -> {
              throw new InvalidValue(
                  "day",
                  "endsBeforeLastWork",
                  "{hive} was treated or counted on {done}; it cannot have ended on {day}",
                  name,
                  done,
                  day);
            });
    entries.stream()
        .map(LifeEntry::day)
        .filter(other -> other.isAfter(day))
        .max(Comparator.naturalOrder())
        .ifPresent(
            other -> {
              throw new InvalidValue(
                  "day",
                  "endsBeforeOtherEntry",
                  "something was written of {hive} on {other}; it cannot have ended on {day}",
                  name,
                  other,
                  day);
            });
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof HiveLife life
        && hiveId.equals(life.hiveId)
        && beginning.equals(life.beginning)
        && entries.equals(life.entries);
  }

  @Override
  public int hashCode() {
    return Objects.hash(hiveId, beginning, entries);
  }

  @Override
  public String toString() {
    return "HiveLife" + stays;
  }
}
