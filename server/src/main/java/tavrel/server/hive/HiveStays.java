package tavrel.server.hive;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;
import tavrel.core.life.Beginning;
import tavrel.core.life.HiveLife;
import tavrel.core.life.Kinship;
import tavrel.core.life.LifeEntry;
import tavrel.core.life.LifeEvent;
import tavrel.core.life.Stay;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Lives of hives as they are kept, and where and under which name each stood on which days. */
@Service
public class HiveStays {

  private final LifeMapper mapper;
  private final Clock clock;
  private volatile @Nullable Kinship kinship;

  HiveStays(LifeMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  /**
   * The life of a hive as it is known now.
   *
   * @throws Problem 404
   */
  public HiveLife of(UUID hiveId) {
    return Objects.requireNonNull(of(List.of(hiveId)).get(hiveId));
  }

  /**
   * Lives of some hives, by id.
   *
   * @throws Problem 404 where one is not there
   */
  public Map<UUID, HiveLife> of(Collection<UUID> hiveIds) {
    Map<UUID, List<LifeEntry>> entries =
        byHive(mapper.ofHives(hiveIds).stream().filter(LifeRow::stands));
    Map<UUID, HiveLife> lives = lives(mapper.began(hiveIds), entries);
    if (lives.size() < Set.copyOf(hiveIds).size()) {
      throw Problem.missing(Missing.HIVE);
    }
    return lives;
  }

  private static Map<UUID, List<LifeEntry>> byHive(Stream<LifeRow> rows) {
    return rows.collect(
        Collectors.groupingBy(
            LifeRow::hiveId, Collectors.mapping(LifeRow::entry, Collectors.toList())));
  }

  private static Map<UUID, HiveLife> lives(
      List<LifeMapper.Began> all, Map<UUID, List<LifeEntry>> entries) {
    Map<UUID, HiveLife> lives = new HashMap<>();
    for (LifeMapper.Began began : all) {
      lives.put(
          began.hiveId(),
          HiveLife.of(
              began.hiveId(),
              new Beginning(
                  began.beganAs(),
                  began.since(),
                  began.firstApiaryId(),
                  began.firstName(),
                  began.motherId(),
                  new LifeEvent.SetUp(
                      BoxNotation.read(began.firstBoxes()), began.firstSupers(), null)),
              entries.getOrDefault(began.hiveId(), List.of())));
    }
    return lives;
  }

  /**
   * A hive that stood in an apiary on a day.
   *
   * @param hiveId the hive
   * @param name what it was called then
   * @param from since when it stood there so, or null where nobody knows
   * @param boxes brood boxes from the floor up
   * @param supers honey supers on it
   * @param endedOn first day on which it was no more, as far as was known; or null
   */
  public record StoodThen(
      UUID hiveId,
      String name,
      @Nullable LocalDate from,
      List<BroodBox> boxes,
      int supers,
      @Nullable LocalDate endedOn) {}

  /**
   * Which hives stood in an apiary on a day, by name.
   *
   * @param knownAt by what had been written down at this moment; by now that is all
   */
  public List<StoodThen> stoodOn(UUID apiaryId, LocalDate day, Instant knownAt) {
    List<UUID> hiveIds = mapper.everIn(apiaryId);
    if (hiveIds.isEmpty()) {
      return List.of();
    }
    Map<UUID, List<LifeEntry>> entries =
        byHive(mapper.ofHives(hiveIds).stream().filter(row -> row.stoodAt(knownAt)));
    List<LifeMapper.Began> begun =
        mapper.began(hiveIds).stream().filter(each -> !each.createdAt().isAfter(knownAt)).toList();
    return lives(begun, entries).values().stream()
        .flatMap(
            life ->
                life.on(day).stream()
                    .filter(stay -> stay.apiaryId().equals(apiaryId))
                    .map(
                        stay ->
                            new StoodThen(
                                life.hiveId(),
                                stay.name(),
                                stay.from(),
                                life.setUpOn(day).boxes(),
                                life.setUpOn(day).supers(),
                                life.endedOn())))
        .sorted(
            Comparator.comparingInt((StoodThen each) -> each.name().length())
                .thenComparing(StoodThen::name))
        .toList();
  }

  /**
   * Days on which a hive stood in a yard under a name.
   *
   * @param hiveId the hive
   * @param name what it was called
   * @param from first day, or null where nobody said since when
   * @param to first day on which it no longer did so, or null
   */
  public record NamedStay(
      UUID hiveId, String name, @Nullable LocalDate from, @Nullable LocalDate to) {

    /** Whether a day is one of them. */
    public boolean holds(LocalDate day) {
      return (from == null || !day.isBefore(from)) && (to == null || day.isBefore(to));
    }
  }

  /** Every name under which a hive ever stood in an apiary, ended ones too. */
  public List<NamedStay> namedIn(UUID apiaryId) {
    return mapper.namedStays(apiaryId);
  }

  /** Hives that stood in an apiary on one of some days, ended ones too. */
  public Set<UUID> stoodIn(UUID apiaryId, LocalDate from, LocalDate to) {
    return new LinkedHashSet<>(mapper.stoodIn(apiaryId, from, to));
  }

  /** Whose days count for whom; kept in memory, since every list of every yard asks. */
  public Kinship kinship() {
    Kinship known = kinship;
    if (known == null) {
      known = Kinship.of(mapper.ties());
      kinship = known;
    }
    return known;
  }

  /** Reads anew whose days count for whom: now, and once the transaction under way is over. */
  void tiesChange() {
    kinship = null;
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            kinship = null;
          }
        });
  }

  /** Draws the stay with which a hive's life here begins. */
  void begin(Hive hive, UUID apiaryId) {
    mapper.putStays(
        List.of(new LifeMapper.DrawnStay(hive.id(), 1, apiaryId, hive.name(), hive.since(), null)));
  }

  /** Draws a hive's stays anew, and where it stands now. */
  void draw(HiveLife life) {
    draw(List.of(life));
  }

  /** So many hives are written at once. */
  private static final int AT_ONCE = 100;

  /** Draws the stays of hives anew, and where each stands now. */
  void draw(Collection<HiveLife> lives) {
    draw(Map.of(), lives);
  }

  /**
   * The same after an act: of a long life only the stays that it changed are written.
   *
   * @param before lives as they are drawn; of hives that are missing all is drawn
   */
  void draw(Map<UUID, HiveLife> before, Collection<HiveLife> after) {
    for (List<HiveLife> some : parts(List.copyOf(after), AT_ONCE)) {
      List<UUID> whole = new ArrayList<>();
      List<LifeMapper.DrawnStay> stays = new ArrayList<>();
      for (HiveLife life : some) {
        HiveLife was = before.get(life.hiveId());
        int unchanged = 0;
        if (was != null && was.stays().size() <= life.stays().size()) {
          unchanged = alike(was, life);
        } else {
          whole.add(life.hiveId());
        }
        stays.addAll(drawn(life).subList(unchanged, life.stays().size()));
      }
      if (!whole.isEmpty()) {
        mapper.forgetStays(whole);
      }
      if (!stays.isEmpty()) {
        mapper.putStays(stays);
      }
      mapper.stand(some.stream().map(HiveStays::standing).toList());
    }
  }

  private static List<LifeMapper.DrawnStay> drawn(HiveLife life) {
    List<LifeMapper.DrawnStay> stays = new ArrayList<>();
    for (Stay stay : life.stays()) {
      stays.add(
          new LifeMapper.DrawnStay(
              life.hiveId(),
              stays.size() + 1,
              stay.apiaryId(),
              stay.name(),
              stay.from(),
              stay.to()));
    }
    return stays;
  }

  /** With how many stays both begin. */
  private static int alike(HiveLife one, HiveLife other) {
    int shorter = Math.min(one.stays().size(), other.stays().size());
    return (int)
        IntStream.range(0, shorter)
            .takeWhile(i -> one.stays().get(i).equals(other.stays().get(i)))
            .count();
  }

  private static LifeMapper.Stands standing(HiveLife life) {
    Stay last = life.last();
    LifeEvent.SetUp setUp = life.setUp();
    return new LifeMapper.Stands(
        life.hiveId(),
        last.apiaryId(),
        last.name(),
        life.endedOn(),
        BoxNotation.write(setUp.boxes()),
        setUp.supers());
  }

  /** A list in parts of at most so many. */
  static <T> List<List<T>> parts(List<T> whole, int most) {
    return IntStream.iterate(0, from -> from < whole.size(), from -> from + most)
        .mapToObj(from -> whole.subList(from, Math.min(whole.size(), from + most)))
        .toList();
  }

  /**
   * Writes down that a hive stands in other boxes or under other supers from a day on, if it does.
   */
  void setUp(Hive before, Hive after, LocalDate day, Account who) {
    LifeEvent.SetUp now = new LifeEvent.SetUp(after.boxes(), after.supers(), null);
    if (!now.standsAs(new LifeEvent.SetUp(before.boxes(), before.supers(), null))) {
      mapper.add(
          List.of(LifeRow.of(UUID.randomUUID(), after.id(), day, now, who.name(), clock.instant())),
          who.id());
    }
  }

  /** Draws the stays of a hive anew of which another day is known since which it stands. */
  void draw(UUID hiveId) {
    draw(of(hiveId));
  }
}
