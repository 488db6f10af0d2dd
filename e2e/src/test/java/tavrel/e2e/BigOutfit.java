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
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
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

  private static final List<String> TREATMENT =
      columns(
          """
          id on_day apiary_id hive_id hive_name means method round_id started_at
          removed_at opened_at loads acid product_grams product lot people supers
          supers_plan waiting_days rule_sheet_id verdict label_says celsius wind_ms
          wind_from weather_from made_up remarks written_at acid_now product_now lot_now
          stands corrected
          """);

  private static final List<String> ROUND_HIVE =
      columns(
          """
          round_id hive_id place hive_name boxes supers floor loads each_load
          product_per_load acid_per_load verdict label_says supers_plan tasks
          prep_seconds cloth larger_loads
          """);

  private static final List<String> ROUND =
      columns(
          """
          id apiary_id on_day rule_sheet_id grams per grams_of mediums strength step
          capacity supers_plan seal_minutes tool product lot planned_by planned_at
          finished_at tool_family cool_seconds reload_seconds
          """);

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
            "data/hive_stay.csv", this::stays,
            "data/rule_sheet.csv", this::sheet,
            "data/round.csv", this::rounds,
            "data/round_hive.csv", this::roundHives,
            "data/run_event.csv", this::events,
            "data/treatment.csv", this::treatments);
    for (JsonNode part : manifest.path("files")) {
      String name = part.path("name").asText();
      try (Rows rows = new Rows(zip, parts, name)) {
        String before = text(name);
        rows.raw(before);
        if (name.endsWith(".csv")) {
          rows.columns(before.lines().findFirst().orElseThrow());
          rows.countsFrom(part.path("rows").asLong());
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

  private static List<String> columns(String names) {
    return List.of(names.strip().split("\\s+"));
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
          "zone_from",
          "PLACE",
          "created_at",
          begun(0, 0));
    }
  }

  private void stays(Rows rows) throws IOException {
    for (int yard = 0; yard < yards(); yard++) {
      for (int place = 1; place <= HIVES_A_YARD; place++) {
        rows.add(
            "hive_id", hive(yard, place),
            "number", 1,
            "apiary_id", apiary(yard),
            "name", name(yard, place));
      }
    }
  }

  private void hives(Rows rows) throws IOException {
    for (int yard = 0; yard < yards(); yard++) {
      for (int place = 1; place <= HIVES_A_YARD; place++) {
        rows.add(
            "id",
            hive(yard, place),
            "apiary_id",
            apiary(yard),
            "name",
            name(yard, place),
            "place",
            place,
            "boxes",
            "deep 10",
            "supers",
            0,
            "floor",
            "SOLID",
            "created_at",
            begun(0, 0),
            "yard_row",
            1,
            "material",
            "WOOD",
            "entrance",
            "FULL",
            "shutting",
            "WET_CLOTH",
            "inner_cover",
            "CLOSED",
            "cracks",
            "NONE",
            "port",
            "NONE",
            "supers_plan",
            "TAKEN_OFF",
            "divided",
            false,
            "began_as",
            "ALREADY_HERE",
            "first_apiary_id",
            apiary(yard),
            "first_name",
            name(yard, place),
            "first_boxes",
            "deep 10",
            "first_supers",
            0);
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
            ROUND,
            round(number, yard),
            apiary(yard),
            day(number),
            sheet,
            2.0,
            "BOX",
            "ACID_DIHYDRATE",
            "BY_COMB",
            1.0,
            0.1,
            4.0,
            "TAKEN_OFF",
            10,
            "Bowl 1",
            "Crystals",
            "L" + number / ROUNDS_A_YEAR,
            "Bench",
            begun(number, 0),
            begun(number, HIVES_A_YARD + 12),
            "HEATED_BOWL",
            0,
            20);
      }
    }
  }

  private void roundHives(Rows rows) throws IOException {
    for (int number = 0; number < years * ROUNDS_A_YEAR; number++) {
      for (int yard = 0; yard < yards(); yard++) {
        for (int place = 1; place <= HIVES_A_YARD; place++) {
          rows.add(
              ROUND_HIVE,
              round(number, yard),
              hive(yard, place),
              place,
              name(yard, place),
              "deep 10",
              0,
              "SOLID",
              1,
              "2.0 g",
              2.0,
              2.0,
              "ALLOWED",
              "2 g a box; the sheet allows 4 g a box",
              "TAKEN_OFF",
              "",
              30,
              true,
              0);
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
              TREATMENT,
              id(counter++),
              day(number),
              apiary(yard),
              hive(yard, place),
              name(yard, place),
              "OXALIC_VAPOUR",
              "vapour, Bowl 1",
              round(number, yard),
              start,
              start.plusSeconds(35),
              start.plusSeconds(650),
              1,
              2.0,
              2.0,
              "Crystals",
              "L" + number / ROUNDS_A_YEAR,
              "Crew " + yard % 4,
              0,
              "TAKEN_OFF",
              0,
              sheet,
              "ALLOWED",
              "2 g a box; the sheet allows 4 g a box",
              8 + random.nextInt(60) / 10.0,
              1.5,
              315,
              "simulated station",
              true,
              random.nextInt(20) == 0 ? "leak seen" : "",
              start,
              2.0,
              2.0,
              "L" + number / ROUNDS_A_YEAR,
              true,
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
}
