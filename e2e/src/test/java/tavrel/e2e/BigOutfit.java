package tavrel.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Writes an outfit file of a large outfit, by docs/outfit-file.md: what an empty outfit wrote, with
 * apiaries, hives, rounds, events and treatments of years put into it. The same every time.
 */
final class BigOutfit {

  private static final int HIVES_A_YARD = 40;
  private static final int ROUNDS_A_YEAR = 20;
  private static final int GAP_DAYS = 7;
  private static final long SEED = 20_260_818L;

  private final ObjectMapper json = new ObjectMapper();
  private final Random random = new Random(SEED);
  private final ZipFile empty;
  private final ZipOutputStream zip;
  private final ArrayNode parts = json.createArrayNode();
  private final int hives;
  private final int years;
  private final LocalDate first;
  private final String account;
  private final String sheet = id(0).toString();
  private long counter;

  private BigOutfit(ZipFile empty, ZipOutputStream zip, int hives, int years, LocalDate last)
      throws IOException {
    this.empty = empty;
    this.zip = zip;
    this.hives = hives;
    this.years = years;
    this.first = last.minusYears(years).plusDays(1);
    String people = text("data/account.csv");
    account = people.lines().skip(1).findFirst().orElseThrow().split("\"")[1];
  }

  /**
   * Writes it.
   *
   * @param empty file of an outfit that has a keeper and nothing else
   * @param last last day with a round
   */
  static void write(Path empty, Path into, int hives, int years, LocalDate last)
      throws IOException {
    try (ZipFile template = new ZipFile(empty.toFile());
        OutputStream out = new BufferedOutputStream(Files.newOutputStream(into), 1 << 16);
        ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.setLevel(Deflater.BEST_SPEED);
      new BigOutfit(template, zip, hives, years, last).write();
    }
  }

  private interface Filling {

    void into(Rows rows) throws IOException;
  }

  private void write() throws IOException {
    JsonNode manifest = json.readTree(text("manifest.json"));
    Map<String, Filling> filled =
        Map.of(
            "data/apiary.csv", this::apiaries,
            "data/hive.csv", this::hives,
            "data/rule_sheet.csv", this::sheet,
            "data/round.csv", this::rounds,
            "data/round_hive.csv", this::roundHives,
            "data/run_event.csv", this::events,
            "data/treatment.csv", this::treatments);
    for (JsonNode part : manifest.path("files")) {
      String name = part.path("name").asText();
      try (Rows rows = new Rows(name)) {
        String before = text(name);
        rows.raw(before);
        if (name.endsWith(".csv")) {
          rows.columns(before.lines().findFirst().orElseThrow());
          rows.count = part.path("rows").asLong();
        }
        if (filled.containsKey(name)) {
          filled.get(name).into(rows);
        }
      }
    }
    ObjectNode own = manifest.deepCopy();
    own.set("files", parts);
    zip.putNextEntry(new ZipEntry("manifest.json"));
    zip.write(json.writeValueAsBytes(own));
    zip.closeEntry();
  }

  private int yards() {
    return (hives + HIVES_A_YARD - 1) / HIVES_A_YARD;
  }

  private static UUID id(long of) {
    return new UUID(0x0190_0000_0000_7000L + (of >> 30 << 16), 0x8000_0000_0000_0000L + of);
  }

  private static UUID apiary(int yard) {
    return id(1_000 + yard);
  }

  private static UUID hive(int yard, int place) {
    return id(10_000 + (long) yard * HIVES_A_YARD + place);
  }

  private static UUID round(int number, int yard) {
    return id(1_000_000 + number * 10_000L + yard);
  }

  private LocalDate day(int number) {
    return first
        .plusYears(number / ROUNDS_A_YEAR)
        .plusDays((long) (number % ROUNDS_A_YEAR) * GAP_DAYS + 60);
  }

  private Instant begun(int number, int place) {
    return day(number).atTime(7, 0).toInstant(ZoneOffset.UTC).plusSeconds(60L * place);
  }

  private void apiaries(Rows rows) throws IOException {
    for (int yard = 0; yard < yards(); yard++) {
      rows.add(
          "id",
          apiary(yard),
          "name",
          "Yard %03d".formatted(yard),
          "latitude",
          47 + 0.01 * yard,
          "longitude",
          -24.3,
          "zone",
          "Etc/GMT+2",
          "created_at",
          begun(0, 0));
    }
  }

  private void hives(Rows rows) throws IOException {
    for (int yard = 0; yard < yards(); yard++) {
      for (int place = 1; place <= HIVES_A_YARD; place++) {
        rows.add(
            "id", hive(yard, place),
            "apiary_id", apiary(yard),
            "name", name(yard, place),
            "place", place,
            "boxes", "deep 10",
            "supers", 0,
            "floor", "SOLID",
            "created_at", begun(0, 0),
            "yard_row", 1,
            "material", "WOOD",
            "entrance", "FULL",
            "shutting", "WET_CLOTH",
            "inner_cover", "CLOSED",
            "cracks", "NONE",
            "port", "NONE",
            "supers_plan", "TAKEN_OFF",
            "divided", false);
      }
    }
  }

  private static String name(int yard, int place) {
    return "%03d-%02d".formatted(yard, place);
  }

  private void sheet(Rows rows) throws IOException {
    rows.add(
        "id",
        sheet,
        "name",
        "Drum label, sample",
        "example",
        false,
        "copied_by",
        "Bench",
        "copied_on",
        first,
        "grams_of",
        "ACID_DIHYDRATE",
        "max_per_box",
        4.0,
        "max_rounds_per_year",
        60,
        "waiting_days",
        0,
        "created_at",
        begun(0, 0),
        "version",
        1);
  }

  private void rounds(Rows rows) throws IOException {
    for (int number = 0; number < years * ROUNDS_A_YEAR; number++) {
      for (int yard = 0; yard < yards(); yard++) {
        rows.add(
            "id",
            round(number, yard),
            "apiary_id",
            apiary(yard),
            "on_day",
            day(number),
            "rule_sheet_id",
            sheet,
            "grams",
            2.0,
            "per",
            "BOX",
            "grams_of",
            "ACID_DIHYDRATE",
            "mediums",
            "BY_COMB",
            "strength",
            1.0,
            "step",
            0.1,
            "capacity",
            4.0,
            "supers_plan",
            "TAKEN_OFF",
            "seal_minutes",
            10,
            "tool",
            "Bowl 1",
            "product",
            "Crystals",
            "lot",
            "L" + number / ROUNDS_A_YEAR,
            "planned_by",
            "Bench",
            "planned_at",
            begun(number, 0),
            "finished_at",
            begun(number, HIVES_A_YARD + 12),
            "tool_family",
            "HEATED_BOWL",
            "cool_seconds",
            0,
            "reload_seconds",
            20);
      }
    }
  }

  private void roundHives(Rows rows) throws IOException {
    for (int number = 0; number < years * ROUNDS_A_YEAR; number++) {
      for (int yard = 0; yard < yards(); yard++) {
        for (int place = 1; place <= HIVES_A_YARD; place++) {
          rows.add(
              "round_id",
              round(number, yard),
              "hive_id",
              hive(yard, place),
              "place",
              place,
              "hive_name",
              name(yard, place),
              "boxes",
              "deep 10",
              "supers",
              0,
              "floor",
              "SOLID",
              "loads",
              1,
              "each_load",
              "2.0 g",
              "product_per_load",
              2.0,
              "acid_per_load",
              2.0,
              "verdict",
              "ALLOWED",
              "label_says",
              "2 g a box; the sheet allows 4 g a box",
              "supers_plan",
              "TAKEN_OFF",
              "tasks",
              "",
              "prep_seconds",
              30,
              "cloth",
              true);
        }
      }
    }
  }

  private void events(Rows rows) throws IOException {
    counter = 100_000_000L;
    for (int number = 0; number < years * ROUNDS_A_YEAR; number++) {
      for (int yard = 0; yard < yards(); yard++) {
        for (int place = 1; place <= HIVES_A_YARD; place++) {
          Instant start = begun(number, place);
          event(rows, number, yard, place, "BURN_STARTED", start, 1);
          event(rows, number, yard, place, "BURN_ENDED", start.plusSeconds(34), 1);
          event(rows, number, yard, place, "REMOVED", start.plusSeconds(35), null);
          event(rows, number, yard, place, "OPENED", start.plusSeconds(650), null);
        }
      }
    }
  }

  private void event(
      Rows rows, int number, int yard, int place, String kind, Instant at, Integer load)
      throws IOException {
    rows.add(
        "id",
        id(counter++),
        "round_id",
        round(number, yard),
        "hive_id",
        hive(yard, place),
        "kind",
        kind,
        "at",
        at,
        "done_by",
        "Crew " + yard % 4,
        "account_id",
        account,
        "load",
        load,
        "received_at",
        at.plusSeconds(1));
  }

  private void treatments(Rows rows) throws IOException {
    counter = 1L << 32;
    for (int number = 0; number < years * ROUNDS_A_YEAR; number++) {
      for (int yard = 0; yard < yards(); yard++) {
        for (int place = 1; place <= HIVES_A_YARD; place++) {
          Instant start = begun(number, place);
          rows.add(
              "id",
              id(counter++),
              "on_day",
              day(number),
              "apiary_id",
              apiary(yard),
              "hive_id",
              hive(yard, place),
              "hive_name",
              name(yard, place),
              "means",
              "OXALIC_VAPOUR",
              "method",
              "vapour, Bowl 1",
              "round_id",
              round(number, yard),
              "started_at",
              start,
              "removed_at",
              start.plusSeconds(35),
              "opened_at",
              start.plusSeconds(650),
              "loads",
              1,
              "acid",
              2.0,
              "product_grams",
              2.0,
              "product",
              "Crystals",
              "lot",
              "L" + number / ROUNDS_A_YEAR,
              "people",
              "Crew " + yard % 4,
              "supers",
              0,
              "supers_plan",
              "TAKEN_OFF",
              "waiting_days",
              0,
              "rule_sheet_id",
              sheet,
              "verdict",
              "ALLOWED",
              "label_says",
              "2 g a box; the sheet allows 4 g a box",
              "celsius",
              8 + random.nextInt(60) / 10.0,
              "wind_ms",
              1.5,
              "wind_from",
              315,
              "weather_from",
              "simulated station",
              "made_up",
              true,
              "remarks",
              random.nextInt(20) == 0 ? "leak seen" : "",
              "written_at",
              start,
              "acid_now",
              2.0,
              "product_now",
              2.0,
              "lot_now",
              "L" + number / ROUNDS_A_YEAR,
              "stands",
              true,
              "corrected",
              false);
        }
      }
    }
  }

  private String text(String name) throws IOException {
    try (var in = empty.getInputStream(empty.getEntry(name))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /** One file of the archive. */
  private final class Rows implements AutoCloseable {

    private final String name;
    private final MessageDigest digest = sha256();
    private final Map<String, Integer> places = new HashMap<>();
    private Object[] row = {};
    private long count;
    private long bytes;

    Rows(String name) throws IOException {
      this.name = name;
      zip.putNextEntry(new ZipEntry(name));
    }

    void columns(String heading) {
      List<String> names =
          Arrays.stream(heading.split(",")).map(each -> each.replace("\"", "")).toList();
      for (String each : names) {
        places.put(each, places.size());
      }
      row = new Object[places.size()];
    }

    /** A row of names and values in turn; what is not named stays empty. */
    void add(Object... pairs) throws IOException {
      Arrays.fill(row, null);
      for (int i = 0; i < pairs.length; i += 2) {
        Integer place = places.get((String) pairs[i]);
        if (place == null) {
          throw new IllegalArgumentException(name + " has no column " + pairs[i]);
        }
        row[place] = pairs[i + 1];
      }
      StringBuilder line = new StringBuilder(400);
      for (int i = 0; i < row.length; i++) {
        line.append(i == 0 ? "" : ",");
        if (row[i] != null) {
          line.append('"').append(row[i]).append('"');
        }
      }
      raw(line.append('\n').toString());
      count++;
    }

    void raw(String text) throws IOException {
      byte[] all = text.getBytes(StandardCharsets.UTF_8);
      zip.write(all);
      digest.update(all);
      bytes += all.length;
    }

    @Override
    public void close() throws IOException {
      zip.closeEntry();
      parts
          .addObject()
          .put("name", name)
          .put("rows", count)
          .put("bytes", bytes)
          .put("sha256", HexFormat.of().formatHex(digest.digest()));
    }
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
