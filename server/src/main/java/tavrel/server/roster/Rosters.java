package tavrel.server.roster;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Hive;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.PlaceZones;
import tavrel.server.apiary.ZoneFrom;
import tavrel.server.hive.HiveEditor;
import tavrel.server.hive.HiveLives;
import tavrel.server.hive.Hives;
import tavrel.server.hive.NewAct;
import tavrel.server.people.Account;
import tavrel.server.table.RowError;

/** Compares a roster with what is kept, and brings it in. */
@Service
public class Rosters {

  private static final int SHOWN = 200;

  private final Apiaries allApiaries;
  private final Hives allHives;
  private final HiveEditor hiveEditor;
  private final HiveLives lives;
  private final PlaceZones zones;
  private final Clock clock;

  Rosters(
      Apiaries allApiaries,
      Hives allHives,
      HiveEditor hiveEditor,
      HiveLives lives,
      PlaceZones zones,
      Clock clock) {
    this.allApiaries = allApiaries;
    this.allHives = allHives;
    this.hiveEditor = hiveEditor;
    this.lives = lives;
    this.zones = zones;
    this.clock = clock;
  }

  /** What a row would do. */
  enum Change {
    NEW,
    CHANGED,
    SAME
  }

  /**
   * A row in the preview.
   *
   * @param row as read
   * @param boxes brood boxes as they will be written
   * @param change what it would do
   */
  record PreviewRow(RosterRow row, String boxes, Change change) {}

  /**
   * A new row whose hive is known by this name in another apiary: it may have moved.
   *
   * @param line line of the file
   * @param hive its name
   * @param apiary where the file has it
   * @param from where it stands as it is kept
   */
  record KnownElsewhere(int line, String hive, String apiary, String from) {}

  /**
   * What an import would do, or did.
   *
   * @param readAs encoding and separator
   * @param notes what was taken for granted
   * @param newApiaries apiaries that are not kept yet
   * @param newHives hives that are not kept yet
   * @param changedHives hives that are kept but stand differently
   * @param sameHives hives that stand as they are kept
   * @param rows the first rows, at most 200
   * @param errors every row that cannot be read
   * @param zoneAsked apiaries whose time zone cannot be told from their place, and is asked
   * @param knownElsewhere new rows whose hives may have moved here, and are asked about
   * @param wrongWords words for floors and boxes that cannot be read, with what they may mean
   */
  record Preview(
      Fact readAs,
      List<Fact> notes,
      int newApiaries,
      int newHives,
      int changedHives,
      int sameHives,
      List<PreviewRow> rows,
      List<RowError> errors,
      List<String> zoneAsked,
      List<KnownElsewhere> knownElsewhere,
      List<WrongWord> wrongWords) {}

  private record Planned(RosterRow row, Change change, @Nullable Hive before, Hive hive) {}

  /** What kept apiaries look like, loaded once each. */
  private final class Kept {

    private final Map<String, Apiary> apiaries =
        allApiaries.all().stream()
            .collect(Collectors.toMap(apiary -> key(apiary.name()), apiary -> apiary));
    private final Map<String, Map<String, Hive>> hives = new HashMap<>();

    private final Map<UUID, String> apiaryNames =
        apiaries.values().stream().collect(Collectors.toMap(Apiary::id, Apiary::name));
    private final Map<String, List<Hives.Named>> living =
        allHives.living().stream().collect(Collectors.groupingBy(hive -> key(hive.hive())));
    private final Set<String> inFile;

    Kept(RosterFile file) {
      inFile =
          file.rows().stream()
              .map(row -> key(row.apiary()) + " " + key(row.hive()))
              .collect(Collectors.toSet());
    }

    /** The one hive of a new row's name that stands elsewhere, where the file no longer has it. */
    Hives.@Nullable Named movedHere(Planned planned) {
      if (planned.change() != Change.NEW) {
        return null;
      }
      List<Hives.Named> others =
          living.getOrDefault(key(planned.row().hive()), List.of()).stream()
              .filter(
                  other ->
                      !inFile.contains(
                          key(apiaryNames.getOrDefault(other.apiaryId(), ""))
                              + " "
                              + key(other.hive())))
              .toList();
      return others.size() == 1 ? others.get(0) : null;
    }

    Map<String, Hive> hives(String apiaryKey) {
      return hives.computeIfAbsent(apiaryKey, this::load);
    }

    private Map<String, Hive> load(String apiaryKey) {
      Apiary apiary = apiaries.get(apiaryKey);
      return apiary == null
          ? Map.of()
          : allHives.in(apiary.id()).stream()
              .collect(Collectors.toMap(hive -> key(hive.name()), hive -> hive));
    }
  }

  /**
   * Looks at a file without keeping anything.
   *
   * @param meanings what words that are none of a roster's stand for
   * @throws InvalidValue if it is no roster
   */
  Preview preview(byte[] bytes, List<Meaning> meanings) {
    RosterFile file = RosterFile.read(bytes, meanings);
    Kept kept = new Kept(file);
    return preview(file, kept, plan(file, kept));
  }

  /**
   * Brings a file in, whole or not at all.
   *
   * @param meanings what words that are none of a roster's stand for
   * @param zone time zone of apiaries whose place is not known, or tells none
   * @param goodRowsOnly leave out the rows that cannot be read, rather than refusing the file
   * @param movedLines lines of new rows whose hives moved here from where they are known
   * @param who brings it in
   * @throws InvalidValue if it is no roster, or has bad rows and they may not be left out
   */
  @Transactional
  public Preview bringIn(
      byte[] bytes,
      List<Meaning> meanings,
      String zone,
      boolean goodRowsOnly,
      Set<Integer> movedLines,
      Account who) {
    RosterFile file = RosterFile.read(bytes, meanings);
    RowError.refuse(file.errors(), file.rows().size(), goodRowsOnly);
    Kept kept = new Kept(file);
    List<Planned> plan = plan(file, kept);
    Preview outcome = preview(file, kept, plan);
    Instant now = clock.instant();
    Map<String, Apiary> places = apiaries(file, kept, zone, now);
    for (Planned planned : plan) {
      UUID apiaryId = Objects.requireNonNull(places.get(key(planned.row().apiary()))).id();
      switch (planned.change()) {
        case NEW -> {
          Hives.Named moved = kept.movedHere(planned);
          if (moved != null && movedLines.contains(planned.row().line())) {
            move(moved.hiveId(), planned, apiaryId, who);
          } else {
            allHives.add(planned.hive(), apiaryId, now);
          }
        }
        case CHANGED -> {
          hiveEditor.refuseLate(planned.hive(), Objects.requireNonNull(planned.before()), apiaryId);
          allHives.change(planned.hive(), who);
        }
        case SAME -> {}
      }
    }
    return outcome;
  }

  /** Moves a hive that is known elsewhere, as of today; its rounds to come go along. */
  private void move(UUID hiveId, Planned planned, UUID apiaryId, Account who) {
    LocalDate today = allApiaries.today(allApiaries.byId(apiaryId));
    lives.act(UUID.randomUUID(), NewAct.move(List.of(hiveId), today, apiaryId), who);
    allHives.change(planned.hive().fittedAs(allHives.byId(hiveId)).keptAs(hiveId), who);
  }

  /**
   * Apiaries of a file by key. A new or moved one that has a place is in the zone of that place;
   * where none can be told, and where nobody has said where it is, in the one that was said.
   */
  private Map<String, Apiary> apiaries(RosterFile file, Kept kept, String zone, Instant now) {
    Map<Place, String> zoned = zones.of(newPlaces(file, kept).values());
    Map<String, Apiary> places = new HashMap<>(kept.apiaries);
    for (RosterRow row : file.rows()) {
      String key = key(row.apiary());
      Apiary known = places.get(key);
      if (known == null) {
        Apiary apiary =
            zoned(
                new Apiary(
                    UUID.randomUUID(),
                    row.apiary(),
                    row.latitude(),
                    row.longitude(),
                    null,
                    zone,
                    row.latitude() == null ? ZoneFrom.DEVICE : ZoneFrom.PERSON,
                    null),
                zoned);
        allApiaries.add(apiary, now);
        places.put(key, apiary);
      } else if (elsewhere(row, known)) {
        Apiary moved =
            zoned(
                new Apiary(
                    known.id(),
                    known.name(),
                    row.latitude(),
                    row.longitude(),
                    known.altitude(),
                    zone,
                    ZoneFrom.PERSON,
                    known.closedOn()),
                zoned);
        allApiaries.move(moved);
        places.put(key, moved);
      }
    }
    return places;
  }

  private static Apiary zoned(Apiary apiary, Map<Place, String> zones) {
    Place place = apiary.place();
    String found = place == null ? null : zones.get(place);
    return found == null ? apiary : apiary.inZone(found, ZoneFrom.PLACE);
  }

  /** Places of apiaries that are new or stand elsewhere, by the apiary's name. */
  private static Map<String, Place> newPlaces(RosterFile file, Kept kept) {
    Map<String, Place> places = new LinkedHashMap<>();
    for (RosterRow row : file.rows()) {
      Apiary known = kept.apiaries.get(key(row.apiary()));
      if (row.latitude() != null
          && row.longitude() != null
          && (known == null || elsewhere(row, known))) {
        places.putIfAbsent(
            row.apiary(),
            new Place(
                row.latitude(),
                row.longitude(),
                known == null || known.altitude() == null ? 0 : known.altitude()));
      }
    }
    return places;
  }

  /** Apiaries whose zone cannot be told from their place. */
  private List<String> zoneAsked(RosterFile file, Kept kept) {
    Map<String, Place> places = newPlaces(file, kept);
    Map<Place, String> found = zones.of(places.values());
    return places.entrySet().stream()
        .filter(each -> !found.containsKey(each.getValue()))
        .map(Map.Entry::getKey)
        .toList();
  }

  private static List<Planned> plan(RosterFile file, Kept kept) {
    List<Planned> plan = new ArrayList<>();
    for (RosterRow row : file.rows()) {
      Hive before = kept.hives(key(row.apiary())).get(key(row.hive()));
      UUID id = before == null ? UUID.randomUUID() : before.id();
      String name = before == null ? row.hive() : before.name();
      Hive told =
          Hive.ofRoster(id, name, row.place(), row.boxes(), row.supers(), row.floor())
              .since(row.since())
              .ofLine(row.bees());
      Hive after = before == null ? told : told.fittedAs(before);
      plan.add(
          new Planned(
              row,
              before == null ? Change.NEW : before.equals(after) ? Change.SAME : Change.CHANGED,
              before,
              after));
    }
    return plan;
  }

  private Preview preview(RosterFile file, Kept kept, List<Planned> plan) {
    Map<Change, Long> counts =
        plan.stream().collect(Collectors.groupingBy(Planned::change, Collectors.counting()));
    long newApiaries =
        file.rows().stream()
            .map(row -> key(row.apiary()))
            .distinct()
            .filter(key -> !kept.apiaries.containsKey(key))
            .count();
    return new Preview(
        file.readAs(),
        file.notes(),
        (int) newApiaries,
        counts.getOrDefault(Change.NEW, 0L).intValue(),
        counts.getOrDefault(Change.CHANGED, 0L).intValue(),
        counts.getOrDefault(Change.SAME, 0L).intValue(),
        plan.stream()
            .limit(SHOWN)
            .map(
                planned ->
                    new PreviewRow(
                        planned.row(), BoxNotation.write(planned.row().boxes()), planned.change()))
            .toList(),
        file.errors(),
        zoneAsked(file, kept),
        plan.stream()
            .map(planned -> knownElsewhere(planned, kept))
            .filter(Objects::nonNull)
            .toList(),
        WrongWord.in(file));
  }

  private static @Nullable KnownElsewhere knownElsewhere(Planned planned, Kept kept) {
    Hives.Named moved = kept.movedHere(planned);
    return moved == null
        ? null
        : new KnownElsewhere(
            planned.row().line(),
            moved.hive(),
            planned.row().apiary(),
            kept.apiaryNames.getOrDefault(moved.apiaryId(), ""));
  }

  private static boolean elsewhere(RosterRow row, Apiary known) {
    return row.latitude() != null
        && !(row.latitude().equals(known.latitude())
            && Objects.equals(row.longitude(), known.longitude()));
  }

  private static String key(String name) {
    return name.toLowerCase(Locale.ROOT);
  }
}
