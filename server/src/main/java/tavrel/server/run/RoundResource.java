package tavrel.server.run;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tavrel.core.InvalidValue;
import tavrel.core.dose.DosePreset;
import tavrel.core.measure.Spoon;
import tavrel.core.pace.RunLength;
import tavrel.core.ready.YardSheet;
import tavrel.core.run.Part;
import tavrel.core.run.PeopleCheck;
import tavrel.core.run.RunBoard;
import tavrel.core.run.RunTool;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.OwnWords;
import tavrel.server.people.Role;

/** Dose sheets, rounds and their runs. */
@RestController
@RequestMapping("/api")
class RoundResource {

  /**
   * A spoon to measure with.
   *
   * @param spoon the spoon
   * @param usualGrams product in one level spoon, g, an estimate until weighed
   */
  record OfferedSpoon(Spoon spoon, double usualGrams) {}

  /**
   * What the screens offer to choose from.
   *
   * @param presets how much to give
   * @param spoons what to measure with
   */
  record Choices(List<DosePreset> presets, List<OfferedSpoon> spoons) {}

  /**
   * Whether a thing is packed.
   *
   * @param packed it is
   */
  record Tick(boolean packed) {}

  private final Rounds rounds;
  private final RoundPlanning planning;
  private final PeopleChecks peopleChecks;
  private final RunStreams streams;
  private final OwnWords ownWords;
  private final Clock clock;

  RoundResource(
      Rounds rounds,
      RoundPlanning planning,
      PeopleChecks peopleChecks,
      RunStreams streams,
      OwnWords ownWords,
      Clock clock) {
    this.rounds = rounds;
    this.planning = planning;
    this.peopleChecks = peopleChecks;
    this.streams = streams;
    this.ownWords = ownWords;
    this.clock = clock;
  }

  /** Presets and spoons to choose from. */
  @GetMapping("/choices")
  Choices choices() {
    return new Choices(
        DosePreset.all(),
        Arrays.stream(Spoon.values())
            .map(spoon -> new OfferedSpoon(spoon, spoon.usualGrams()))
            .toList());
  }

  /**
   * The dose sheet of an apiary: grams, loads, burn times and what the label says, hive by hive;
   * nothing is kept.
   */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/apiaries/{id}/dose-sheet")
  YardSheet yardSheet(@PathVariable UUID id, @RequestBody DoseSheets.DoseQuestion question) {
    return rounds.yardSheet(id, question);
  }

  /** How long a round would take with people, tools and cloths; nothing is kept. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/apiaries/{id}/run-length")
  RunLength runLength(@PathVariable UUID id, @RequestBody DoseSheets.PaceQuestion question) {
    return rounds.runLength(id, question);
  }

  /** Rounds that are planned or under way. */
  @GetMapping("/rounds")
  List<Round> open() {
    return rounds.open();
  }

  /** A round with its dose sheet. */
  @GetMapping("/rounds/{id}")
  Rounds.WholeRound one(@PathVariable UUID id) {
    return rounds.byId(id);
  }

  /** A round's dose sheet and kit on paper. */
  @GetMapping(value = "/rounds/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @PathVariable UUID id, @AuthenticationPrincipal Account who, Locale device) {
    Rounds.WholeRound round = rounds.byId(id);
    String name = round.apiary().name() + " " + round.round().day() + ".pdf";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(SheetPdf.write(round, rounds.kit(id), ownWords.of(who, device)));
  }

  /** What to pack for a round, with what is ticked. */
  @GetMapping("/rounds/{id}/kit")
  List<KitLine> kit(@PathVariable UUID id) {
    return rounds.kit(id);
  }

  /** Ticks a thing to pack, or takes the tick back. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/rounds/{id}/kit/{item}")
  List<KitLine> tick(
      @PathVariable UUID id,
      @PathVariable String item,
      @RequestBody Tick tick,
      @AuthenticationPrincipal Account who) {
    return rounds.tick(id, item, tick.packed(), who);
  }

  /** Plans a round; the same id and content again change nothing. */
  @PutMapping("/rounds/{id}")
  Round plan(
      @PathVariable UUID id, @RequestBody NewRound round, @AuthenticationPrincipal Account who) {
    return planning.plan(id, round, who);
  }

  /** Throws a planned round away before it has begun. */
  @DeleteMapping("/rounds/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void discard(@PathVariable UUID id) {
    planning.discard(id);
  }

  /**
   * Keeps who confirmed the people check.
   *
   * @param secondsAgo how long ago, where a device had to keep it until the network was back; told
   *     so because its clock may be off
   */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/rounds/{id}/people-check")
  Rounds.WholeRound confirmPeople(
      @PathVariable UUID id,
      @RequestBody PeopleCheck check,
      @RequestParam(defaultValue = "0") int secondsAgo,
      @AuthenticationPrincipal Account who) {
    peopleChecks.confirm(id, check, clock.instant().minusSeconds(secondsAgo), who);
    rounds.changed(id);
    return rounds.byId(id);
  }

  /**
   * The board as who plays a part should see it.
   *
   * @param part number of the tool in hand, or 0 for the hands that shut, fill and open
   */
  @GetMapping("/rounds/{id}/board")
  RunBoard board(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int part,
      @AuthenticationPrincipal Account who) {
    return rounds.board(id, part(part, who));
  }

  /** A run looked back on: how long it took, what was out of the ordinary. */
  @GetMapping("/rounds/{id}/review")
  Rounds.Looked lookBack(@PathVariable UUID id) {
    return rounds.lookBack(id);
  }

  /** Who and what works in a run, and how long it should take. */
  @GetMapping("/rounds/{id}/line-up")
  LineUps.LineUp lineUp(@PathVariable UUID id) {
    return rounds.lineUp(id);
  }

  /** Sets who and what works in a run. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/rounds/{id}/line-up")
  LineUps.LineUp lineUp(
      @PathVariable UUID id, @RequestBody NewLineUp wanted, @AuthenticationPrincipal Account who) {
    rounds.lineUp(id, wanted, who);
    rounds.changed(id);
    return rounds.lineUp(id);
  }

  /** Says when the run has moved; the board itself is asked for. */
  @GetMapping(value = "/rounds/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream(@PathVariable UUID id) {
    rounds.round(id);
    return streams.open(id);
  }

  /**
   * Keeps events.
   *
   * @param part as whom the board is told, see {@link #board}
   * @param deviceClock what the device's bare clock says as it sends, to set right what was stamped
   *     by it
   */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/rounds/{id}/events")
  RunBoard keep(
      @PathVariable UUID id,
      @RequestBody List<NewEvent> events,
      @RequestParam(defaultValue = "1") int part,
      @RequestHeader(name = "Device-Clock", required = false) @Nullable Instant deviceClock,
      @AuthenticationPrincipal Account who) {
    Duration ahead = deviceClock == null ? null : Duration.between(clock.instant(), deviceClock);
    return rounds.keep(id, events, who, part(part, who), ahead);
  }

  private static Part part(int number, Account who) {
    InvalidValue.inRange("part", number, 0, RunTool.MOST, "as number of a tool, or 0");
    return new Part(number == 0 ? null : number, who.name());
  }
}
