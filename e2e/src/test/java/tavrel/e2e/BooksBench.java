package tavrel.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Measures the books of a large outfit on the packed application in 256 MB of heap: brought in from
 * a file, read, taken away. Run with hives and years; 5,000 and 5 are half a million treatments.
 */
final class BooksBench {

  private static final int LOOKS = 20;

  private final Client client;
  private String hive = "";

  private BooksBench(Client client) {
    this.client = client;
  }

  /** Runs it; the data go to folders that are made for it. */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    int hives = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 5_000;
    int years = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 5;
    Path folder = Files.createTempDirectory("tavrel-books");
    Path empty = folder.resolve("empty.zip");
    try (App app = App.serve(folder.resolve("empty"))) {
      Client keeper = new Client(app.url());
      keeper.firstKeeper(app);
      keeper.take("/api/outfit/outfit.zip", empty);
    }
    LocalDate last = LocalDate.now(ZoneOffset.UTC).withDayOfYear(1).minusDays(1);
    Path big = folder.resolve("big.zip");
    long begin = System.nanoTime();
    BigOutfit.write(empty, big, hives, years, last);
    Bench.say("file of the outfit made", Bench.millisSince(begin) / 1_000, "s");
    Bench.say("its size", Files.size(big) / 1e6, "MB");

    Path data = folder.resolve("data");
    begin = System.nanoTime();
    System.out.print(App.task("restore", big.toString(), "--data", data.toString()));
    Bench.say("brought in (150)", Bench.millisSince(begin) / 1_000, "s");
    Bench.say("its database (2,000)", Files.size(data.resolve("tavrel.mv.db")) / 1e6, "MB");
    try (App app = App.serve(data)) {
      Client keeper = new Client(app.url());
      keeper.send("GET", "/api/session", null);
      keeper.send("POST", "/api/session", Map.of("login", "bench", "password", Bench.PASSWORD));
      new BooksBench(keeper).measure(last.getYear(), folder);
    }
    begin = System.nanoTime();
    System.out.print(App.task("backup", "--data", data.toString()));
    Bench.say("backup without the server", Bench.millisSince(begin) / 1_000, "s");
    Bench.say("database at the end", Files.size(data.resolve("tavrel.mv.db")) / 1e6, "MB");
    try (Stream<Path> files = Files.walk(folder)) {
      files.sorted(Collections.reverseOrder()).forEach(file -> file.toFile().delete());
    }
  }

  private void measure(int year, Path folder) throws IOException, InterruptedException {
    String yard = client.apiaryNamed("Yard 007");
    hive =
        client.send("GET", "/api/apiaries/" + yard, null).path("hives").get(3).path("id").asText();
    look("register, a year (200)", "/api/register?year=" + year);
    look("register, all years (200)", "/api/register");
    look("register, a year, page 100 (200)", "/api/register?offset=10000&year=" + year);
    look("register, an apiary's year (200)", "/api/register?apiaryId=" + yard + "&year=" + year);
    look("register, an apiary, all years (200)", "/api/register?apiaryId=" + yard);
    look("register, a hive (200)", "/api/register?hiveId=" + hive);
    look("register, off label (200)", "/api/register?only=OFF_LABEL&year=" + year);
    look("register, corrected, all years (200)", "/api/register?only=CORRECTED");
    look("register, written by hand (200)", "/api/register?only=TYPED&year=" + year);
    look("limits of an apiary", "/api/register/standing?apiaryId=" + yard + "&year=" + year);
    look("year review (1,000)", "/api/review?year=" + year);
    look("costs of a year", "/api/stock/costs?year=" + year);
    look("stock", "/api/stock");
    look("today", "/api/today");
    away("CSV of all (15)", "/api/register/treatments.csv", folder.resolve("all.csv"));
    away("JSON of all", "/api/register/treatments.json", folder.resolve("all.json"));
    away("burns of a year", "/api/files/burns.csv?year=" + year, folder.resolve("burns.csv"));
    away("the whole outfit (60)", "/api/outfit/outfit.zip", folder.resolve("whole.zip"));
  }

  /** Between two looks something is written, so that the database reads anew. */
  private void look(String what, String path) throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < LOOKS; i++) {
      write();
      long begin = System.nanoTime();
      client.send("GET", path, null);
      took.add(Bench.millisSince(begin));
    }
    double first = took.get(0);
    Collections.sort(took);
    System.out.printf(
        Locale.ROOT,
        "%-48s first %7.0f ms, median %7.0f ms, worst of %d %7.0f ms%n",
        what,
        first,
        took.get(LOOKS / 2),
        LOOKS,
        took.get(LOOKS - 1));
  }

  private void write() throws IOException, InterruptedException {
    client.send(
        "POST",
        "/api/register",
        Map.ofEntries(
            Map.entry("hives", Map.of(hive, UUID.randomUUID())),
            Map.entry("day", "2020-03-01"),
            Map.entry("means", "THYMOL"),
            Map.entry("method", "on the combs"),
            Map.entry("amount", "a tray"),
            Map.entry("acid", 0),
            Map.entry("people", "Bench"),
            Map.entry("supersPlan", "TAKEN_OFF"),
            Map.entry("remarks", "")));
  }

  private void away(String what, String path, Path into) throws IOException, InterruptedException {
    long begin = System.nanoTime();
    client.take(path, into);
    Bench.say(what, Bench.millisSince(begin) / 1_000, "s");
    Bench.say("  its size", Files.size(into) / 1e6, "MB");
  }
}
