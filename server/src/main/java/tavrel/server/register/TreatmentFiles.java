package tavrel.server.register;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.HiveStays;
import tavrel.server.people.Account;
import tavrel.server.table.RowError;

/** Treatments of earlier years, from a file: looked at, and brought in whole. */
@Service
class TreatmentFiles {

  /** So many hives of one treatment, or keys of lines, go to the database at once. */
  private static final int AT_ONCE = 1_000;

  private static final UUID ANY = new UUID(0, 0);

  /**
   * What an import would do, or did.
   *
   * @param readAs encoding and separator
   * @param treatments rows that can be kept and are not in the register yet
   * @param known rows that are in the register already
   * @param struckOut rows that were struck out where they come from, and are passed over
   * @param first day of the earliest row, or null
   * @param last day of the latest row, or null
   * @param errors every row that cannot be read
   */
  record TreatmentPreview(
      Fact readAs,
      int treatments,
      int known,
      int struckOut,
      @Nullable LocalDate first,
      @Nullable LocalDate last,
      List<RowError> errors) {}

  private final Register register;
  private final RegisterMapper mapper;
  private final Apiaries apiaries;
  private final HiveStays stays;

  TreatmentFiles(Register register, RegisterMapper mapper, Apiaries apiaries, HiveStays stays) {
    this.register = register;
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.stays = stays;
  }

  /** Looks at a file without keeping anything. */
  TreatmentPreview preview(byte[] bytes) {
    return preview(read(bytes));
  }

  /**
   * Brings a file in, whole or not at all. The same file again adds nothing.
   *
   * @param goodRowsOnly leave out the rows that cannot be read, rather than refusing the file
   * @throws InvalidValue if it has bad rows and they may not be left out, or no good one
   */
  @Transactional
  public TreatmentPreview bringIn(byte[] bytes, boolean goodRowsOnly, Account who) {
    TreatmentFile file = read(bytes);
    RowError.refuse(file.errors(), file.treatments().size(), goodRowsOnly);
    TreatmentPreview done = preview(file);
    byTreatment(file.treatments()).forEach(each -> register.add(each, who));
    return done;
  }

  private TreatmentPreview preview(TreatmentFile file) {
    Set<UUID> known = known(file);
    return new TreatmentPreview(
        file.readAs(),
        file.treatments().size() - known.size(),
        known.size(),
        file.struckOut(),
        file.treatments().stream().map(NewTreatment::day).min(LocalDate::compareTo).orElse(null),
        file.treatments().stream().map(NewTreatment::day).max(LocalDate::compareTo).orElse(null),
        file.errors());
  }

  private Set<UUID> known(TreatmentFile file) {
    List<UUID> ids =
        file.treatments().stream().flatMap(each -> each.hives().values().stream()).toList();
    Set<UUID> known = new HashSet<>();
    for (int from = 0; from < ids.size(); from += AT_ONCE) {
      known.addAll(mapper.there(ids.subList(from, Math.min(ids.size(), from + AT_ONCE))));
    }
    return known;
  }

  /** Rows that say the same of several hives, together; a hive twice alike stays two. */
  private static List<NewTreatment> byTreatment(List<NewTreatment> rows) {
    Map<NewTreatment, List<Map<UUID, UUID>>> together = new LinkedHashMap<>();
    for (NewTreatment row : rows) {
      List<Map<UUID, UUID>> parts =
          together.computeIfAbsent(row.of(Map.of(ANY, ANY)), none -> new ArrayList<>());
      row.hives()
          .forEach(
              (hive, id) -> {
                Map<UUID, UUID> part =
                    parts.stream()
                        .filter(each -> each.size() < AT_ONCE && !each.containsKey(hive))
                        .findFirst()
                        .orElse(null);
                if (part == null) {
                  part = new LinkedHashMap<>();
                  parts.add(part);
                }
                part.put(hive, id);
              });
    }
    return together.entrySet().stream()
        .flatMap(each -> each.getValue().stream().map(hives -> each.getKey().of(hives)))
        .toList();
  }

  private TreatmentFile read(byte[] bytes) {
    Map<String, Apiary> yards =
        apiaries.all().stream()
            .collect(Collectors.toMap(each -> key(each.name()), Function.identity()));
    Map<UUID, Map<String, List<HiveStays.NamedStay>>> known = new HashMap<>();
    return TreatmentFile.read(
        bytes,
        (apiary, hive, day) -> {
          Apiary yard = yards.get(key(apiary));
          if (yard == null) {
            throw new InvalidValue(
                "apiary", "notKeptHereBring", "is not kept here; bring in its roster first");
          }
          refuseDay(yard, day);
          List<HiveStays.NamedStay> called =
              known.computeIfAbsent(yard.id(), this::byName).getOrDefault(key(hive), List.of());
          if (called.isEmpty()) {
            throw new InvalidValue(
                "hives", "notKeptHereBring", "is not kept here; bring in its roster first");
          }
          return called.stream()
              .filter(each -> each.holds(day))
              .findFirst()
              .map(HiveStays.NamedStay::hiveId)
              .orElseThrow(
                  () ->
                      new InvalidValue(
                          "day",
                          "hiveStoodElsewhere",
                          "is a day on which no hive of this name stood there"));
        });
  }

  private void refuseDay(Apiary yard, LocalDate day) {
    LocalDate today = apiaries.today(yard);
    if (day.isAfter(today)) {
      throw new InvalidValue(
          "day", "liesFutureRegisterTells", "lies in the future; the register tells what was done");
    }
    if (day.isBefore(today.minusYears(20))) {
      throw new InvalidValue("day", "liesMoreThanYears", "lies more than 20 years back");
    }
  }

  private Map<String, List<HiveStays.NamedStay>> byName(UUID apiaryId) {
    return stays.namedIn(apiaryId).stream()
        .collect(Collectors.groupingBy(each -> key(each.name())));
  }

  private static String key(String name) {
    return name.toLowerCase(Locale.ROOT);
  }
}
