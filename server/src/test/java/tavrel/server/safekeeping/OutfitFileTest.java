package tavrel.server.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import tavrel.core.InvalidValue;
import tavrel.server.people.Role;
import tavrel.server.run.RoundFixture;

class OutfitFileTest extends RoundFixture {

  @Autowired private DataSource database;
  @TempDir private Path folder;
  private byte[] whole;

  @BeforeEach
  void an_outfit_with_a_round_is_written() throws Exception {
    UUID round = planned();
    confirm(round);
    treat(round, hives.get(0), -700);
    jdbc.update(
        "update hive set name = ? where id = ?", "a\"b,\r\nü=", UUID.fromString(hives.get(2)));
    whole = written(database.getConnection());
  }

  @Test
  void out_and_in_again_gives_the_same_bytes() throws Exception {
    long rows = OutfitLoader.load(file(whole), folder);
    assertThat(rows).isPositive();
    DatabaseSwap.finish(folder, Instant.now());
    try (Connection again =
        DriverManager.getConnection(DatabaseSwap.urlInUse(folder), "tavrel", "")) {
      assertThat(written(again)).isEqualTo(whole);
    }
  }

  @Test
  void sums_of_the_register_are_drawn_anew_and_are_those_that_were_kept() throws Exception {
    assertThat(
            jdbc.queryForList(
                "select * from treatment_sum where apiary_id = ?", UUID.fromString(apiaryId)))
        .isNotEmpty();
    OutfitLoader.load(file(whole), folder);
    DatabaseSwap.finish(folder, Instant.now());
    JdbcTemplate loaded =
        new JdbcTemplate(
            new SingleConnectionDataSource(DatabaseSwap.urlInUse(folder), "tavrel", "", true));
    for (String sums :
        List.of(
            "treatment_sum where apiary_id = ?",
            "treatment_round where apiary_id = ?",
            "treatment_special where id in (select id from treatment where apiary_id = ?)")) {
      UUID here = UUID.fromString(apiaryId);
      assertThat(rows(loaded, sums, here))
          .as(sums)
          .containsExactlyInAnyOrderElementsOf(rows(jdbc, sums, here));
    }
    loaded.execute("shutdown");
  }

  /** A moment is the same in whichever zone it was written down. */
  private static List<Map<String, Object>> rows(JdbcTemplate from, String sums, UUID here) {
    List<Map<String, Object>> rows = from.queryForList("select * from " + sums, here);
    rows.forEach(
        row ->
            row.replaceAll(
                (column, value) -> value instanceof OffsetDateTime at ? at.toInstant() : value));
    return rows;
  }

  @Test
  void every_table_is_in_it_and_is_told_with_its_columns() throws Exception {
    Map<String, byte[]> parts = unpacked(whole);
    List<String> tables =
        jdbc.queryForList(
            "select lower(table_name) from information_schema.tables where table_schema = 'PUBLIC'"
                + " and table_type = 'BASE TABLE' and table_name not in ('flyway_schema_history', 'TREATMENT_SUM', 'TREATMENT_ROUND',"
                + " 'TREATMENT_SPECIAL', 'HIVE_OUTLOOK')",
            String.class);
    assertThat(parts.keySet())
        .containsAll(tables.stream().map(Manifest::fileOf).toList())
        .hasSize(tables.size() + 2);
    assertThat(text(parts, "data/hive.csv")).contains("\"a\"\"b,\r\nü=\"");
    assertThat(text(parts, "schema.json")).contains("\"acid_now\" : \"number, with a point\"");
  }

  @Test
  void a_file_cut_short_is_refused_wherever_it_is_cut() {
    for (int share = 1; share < 10; share++) {
      refused(Arrays.copyOf(whole, whole.length * share / 10), "cut short");
    }
    refused(Arrays.copyOf(whole, whole.length - 1), "cut short");
    refused("apiary,hive\n".getBytes(StandardCharsets.UTF_8), "no outfit file");
  }

  @Test
  void a_file_from_a_newer_version_is_refused_and_says_to_update() throws IOException {
    refused(manifest(node -> node.put("tables", 9_999)), "newer Tavrel");
    refused(manifest(node -> node.put("version", 2)), "newer Tavrel");
    refused(manifest(node -> node.put("format", "other")), "another kind");
  }

  @Test
  void a_manifest_with_entries_that_say_nothing_is_refused() throws IOException {
    refused(manifest(node -> node.withArray("files").addNull()), "damaged or changed");
    refused(manifest(node -> node.withArray("files").addObject()), "damaged or changed");
    refused(
        manifest(node -> ((ObjectNode) node.withArray("files").get(0)).putNull("sha256")),
        "damaged or changed");
    refused(manifest(node -> node.put("files", "many")), "damaged or changed");
  }

  @Test
  void a_file_changed_by_hand_is_refused() throws IOException {
    refused(
        part(
            "data/treatment.csv", text -> text.replace("allowed", "ALLOWED").replace("2.0", "3.0")),
        "changed");
    refused(
        part("data/hive.csv", text -> text + text.lines().skip(1).findFirst().orElseThrow() + "\n"),
        "not as long");
  }

  @Test
  void a_change_with_its_digest_made_right_still_has_to_hang_together() throws IOException {
    refused(
        forged(
            "data/hive.csv",
            text ->
                text.replaceFirst(
                    "(\"[0-9a-f-]{36}\"),\"[0-9a-f-]{36}\"", "$1,\"" + UUID.randomUUID() + "\"")),
        "rows of data/apiary.csv that are not in the file");
    refused(
        forged(
            "data/round.csv", text -> text.replaceFirst("\"\\d{4}-\\d\\d-\\d\\d\"", "\"someday\"")),
        "column on_day");
    refused(forged("data/hive.csv", text -> text.replaceFirst("name", "label")), "other columns");
    refused(forged("data/hive.csv", text -> text + "\"1\"\n"), "has 1 columns");
    refused(
        forged(
            "data/apiary.csv",
            text -> text + text.lines().skip(1).findFirst().orElseThrow() + "\n"),
        "data/apiary.csv");
  }

  @Test
  void a_hive_treated_before_it_stood_is_refused() throws IOException {
    refused(
        forged(
            "data/hive.csv",
            text ->
                text.replaceAll(
                    ",(?:\"[0-9-]{10}\")?,((?:\"[^\"]*\")?,\"ALREADY_HERE\",[^\n]*)\n",
                    ",\"2126-01-01\",$1\n")),
        "which stands since 2126-01-01");
  }

  @Test
  void paths_that_lead_elsewhere_and_files_that_do_not_belong_are_refused() throws IOException {
    refused(with("../../outside.txt", "x"), "which no outfit file has");
    refused(with("/etc/outside", "x"), "which no outfit file has");
    refused(with("data/extra.csv", "x"), "which no outfit file has");
    assertThat(folder.getParent().resolve("outside.txt")).doesNotExist();
  }

  @Test
  void what_would_swell_is_refused_before_it_is_unpacked() throws IOException {
    byte[] zeros = new byte[64 << 20];
    refused(
        manifest(
            packed -> {
              packed.put("data/hive.csv", zeros);
              return packed;
            },
            node ->
                node.path("files")
                    .forEach(
                        part -> {
                          if (part.path("name").asText().equals("data/hive.csv")) {
                            ((ObjectNode) part).put("bytes", zeros.length);
                          }
                        })),
        "swell");
  }

  @Test
  void a_refused_file_leaves_the_outfit_that_is_there_untouched() throws Exception {
    OutfitLoader.load(file(whole), folder);
    DatabaseSwap.finish(folder, Instant.now());
    byte[] before = Files.readAllBytes(folder.resolve("tavrel.mv.db"));
    refused(forged("data/run_event.csv", text -> text + "\"1\"\n"), "has 1 columns");
    assertThat(Files.readAllBytes(folder.resolve("tavrel.mv.db"))).isEqualTo(before);
  }

  @Test
  void a_crash_at_any_step_leaves_one_whole_outfit() throws Exception {
    Path old = Files.writeString(folder.resolve("tavrel.mv.db"), "old");
    Path unready = Files.writeString(folder.resolve("incoming-unready.mv.db"), "half");
    assertThat(DatabaseSwap.finish(folder, Instant.now())).as("while loading").isNull();
    assertThat(old).hasContent("old");

    Files.move(unready, folder.resolve("incoming.mv.db"));
    Files.move(old, folder.resolve("before-x.mv.db"));
    DatabaseSwap.finish(folder, Instant.now());
    assertThat(old).as("between the two renames").hasContent("half");

    Files.writeString(folder.resolve("incoming.mv.db"), "new");
    Path before = DatabaseSwap.finish(folder, Instant.parse("2026-08-18T06:40:00Z"));
    assertThat(old).hasContent("new");
    assertThat(before).hasFileName("before-2026-08-18T064000Z.mv.db").hasContent("half");
  }

  @Test
  void only_the_keeper_may_take_the_outfit_away() {
    assertThat(get(crew, "/api/outfit").status()).isEqualTo(403);
    assertThat(get(person(Role.READER), "/api/outfit/outfit.zip").status()).isEqualTo(403);
    assertThat(get(keeper, "/api/outfit").json().path("kept").asBoolean()).isTrue();
    assertThat(get(keeper, "/api/outfit/backups/..%2Ftavrel.zip").status()).isIn(400, 404);
  }

  private void refused(byte[] bytes, String says) {
    assertThatThrownBy(() -> OutfitLoader.load(file(bytes), folder))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining(says);
    assertThat(folder.resolve("incoming.mv.db")).doesNotExist();
    assertThat(folder.resolve("incoming-unready.mv.db")).doesNotExist();
  }

  private Path file(byte[] bytes) throws IOException {
    return Files.write(folder.resolve("given.zip"), bytes);
  }

  private static byte[] written(Connection connection) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (connection) {
      OutfitWriter.writeRows(connection, out);
    }
    return out.toByteArray();
  }

  private byte[] with(String name, String content) throws IOException {
    Map<String, byte[]> parts = unpacked(whole);
    parts.put(name, content.getBytes(StandardCharsets.UTF_8));
    return packed(parts);
  }

  /** Changed, with the manifest as it was. */
  private byte[] part(String name, UnaryOperator<String> change) throws IOException {
    Map<String, byte[]> parts = unpacked(whole);
    parts.put(name, change.apply(text(parts, name)).getBytes(StandardCharsets.UTF_8));
    return packed(parts);
  }

  /** Changed by somebody who makes digest, length and count right. */
  private byte[] forged(String name, UnaryOperator<String> change) throws IOException {
    byte[] content = change.apply(text(unpacked(whole), name)).getBytes(StandardCharsets.UTF_8);
    long added =
        new String(content, StandardCharsets.UTF_8).lines().count()
            - text(unpacked(whole), name).lines().count();
    return manifest(
        parts -> {
          parts.put(name, content);
          return parts;
        },
        node ->
            node.path("files")
                .forEach(
                    part -> {
                      if (part.path("name").asText().equals(name)) {
                        ((ObjectNode) part)
                            .put("bytes", content.length)
                            .put("rows", part.path("rows").asLong() + added)
                            .put(
                                "sha256",
                                HexFormat.of().formatHex(OutfitWriter.sha256().digest(content)));
                      }
                    }));
  }

  private byte[] manifest(Consumer<ObjectNode> change) throws IOException {
    return manifest(UnaryOperator.identity(), change);
  }

  private byte[] manifest(UnaryOperator<Map<String, byte[]>> parts, Consumer<ObjectNode> change)
      throws IOException {
    Map<String, byte[]> all = parts.apply(unpacked(whole));
    ObjectNode node = (ObjectNode) json.readTree(all.get("manifest.json"));
    change.accept(node);
    all.put("manifest.json", json.writeValueAsBytes(node));
    return packed(all);
  }

  private static String text(Map<String, byte[]> parts, String name) {
    return new String(parts.get(name), StandardCharsets.UTF_8);
  }

  private static Map<String, byte[]> unpacked(byte[] zip) throws IOException {
    Map<String, byte[]> parts = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        parts.put(entry.getName(), in.readAllBytes());
      }
    }
    return parts;
  }

  private static byte[] packed(Map<String, byte[]> parts) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue());
      }
    }
    return out.toByteArray();
  }
}
