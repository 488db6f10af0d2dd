package tavrel.server.reporting.yards;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.server.http.Problem;
import tavrel.server.store.Reckoned;
import tavrel.server.store.Reckonings;

/** Every yard in one look. */
@RestController
@RequestMapping("/api/yards")
class YardsResource {

  /**
   * The yards.
   *
   * @param now the server's clock
   * @param reckoning whether they are being reckoned; the lists are empty then: ask again
   * @param yards by name
   * @param months what was counted this year, month by month
   */
  record Yards(
      Instant now, boolean reckoning, List<YardLine> yards, List<YardMapper.SampledMonth> months) {}

  private record Reading(List<YardLine> yards, List<YardMapper.SampledMonth> months) {}

  private final Reckoned<Reading> reckoned;
  private final Clock clock;

  YardsResource(YardLines lines, Reckonings reckonings, Clock clock) {
    this.clock = clock;
    reckoned = reckonings.keep("yards", () -> new Reading(lines.all(), lines.months()));
  }

  /** Every yard in one line: how it stands, what was counted, what is left, what comes. */
  @GetMapping
  Yards yards() {
    Reading reading = reckoned.now().orElse(null);
    return reading == null
        ? new Yards(clock.instant(), true, List.of(), List.of())
        : new Yards(clock.instant(), false, reading.yards(), reading.months());
  }

  /** The same as a table. */
  @GetMapping(value = "/table.csv", produces = "text/csv")
  ResponseEntity<byte[]> table() {
    Reading reading =
        reckoned.now().orElseThrow(() -> Problem.conflict(Fact.of("refused.beingReckoned")));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"yards.csv\"")
        .body(YardCsv.of(reading.yards()).getBytes(StandardCharsets.UTF_8));
  }
}
