package tavrel.server.reporting.register;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tavrel.core.InvalidValue;
import tavrel.server.http.Downloads;
import tavrel.server.people.Account;
import tavrel.server.people.OwnWords;
import tavrel.server.register.NewTreatment;
import tavrel.server.register.Register;
import tavrel.server.words.Wording;

/** The register: to read, to put right, to add to and to take away. */
@RestController
@RequestMapping("/api/register")
class RegisterResource {

  private static final int MOST_LINES = 500;

  private final RegisterBook book;
  private final Register register;
  private final RegisterExport export;
  private final Downloads downloads;
  private final OwnWords ownWords;

  RegisterResource(
      RegisterBook book,
      Register register,
      RegisterExport export,
      Downloads downloads,
      OwnWords ownWords) {
    this.book = book;
    this.register = register;
    this.export = export;
    this.downloads = downloads;
    this.ownWords = ownWords;
  }

  /** A page of the register, newest first, with totals of all that is asked for. */
  @GetMapping
  RegisterBook.Page page(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId,
      @RequestParam(defaultValue = "ALL") RegisterFilter.Only only,
      @RequestParam(defaultValue = "100") int limit,
      @RequestParam(defaultValue = "0") int offset) {
    InvalidValue.inRange("limit", limit, 1, MOST_LINES, "lines");
    InvalidValue.inRange("offset", offset, 0, Integer.MAX_VALUE, "lines");
    return book.page(RegisterFilter.of(year, apiaryId, hiveId, only), limit, offset);
  }

  /** An apiary's hives against the year's limits and the wait for honey. */
  @GetMapping("/standing")
  List<Register.HiveStanding> standing(@RequestParam UUID apiaryId, @RequestParam int year) {
    InvalidValue.inRange("year", year, 1990, 2200, "as a year");
    return register.standing(apiaryId, year);
  }

  /** Puts right what a line says; what was written first stays beside it. */
  @PostMapping("/{id}/corrections")
  RegisterEntry correct(
      @PathVariable UUID id,
      @RequestBody Register.NewCorrection correction,
      @AuthenticationPrincipal Account who) {
    register.correct(id, correction, who);
    return book.entry(id);
  }

  /** Treatments that were not run here. */
  @PostMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@RequestBody NewTreatment typed, @AuthenticationPrincipal Account who) {
    register.add(typed, who);
  }

  /** The register as CSV. */
  @GetMapping(value = "/treatments.csv", produces = "text/csv")
  ResponseEntity<StreamingResponseBody> csv(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId,
      @RequestParam(defaultValue = "ALL") RegisterFilter.Only only,
      @AuthenticationPrincipal Account who,
      Locale device) {
    RegisterFilter filter = RegisterFilter.of(year, apiaryId, hiveId, only);
    Wording words = ownWords.of(who, device);
    return file(
        who,
        year,
        "csv",
        new MediaType("text", "csv", StandardCharsets.UTF_8),
        out -> export.csv(filter, words, out));
  }

  /** The register as JSON. */
  @GetMapping(value = "/treatments.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<StreamingResponseBody> json(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId,
      @RequestParam(defaultValue = "ALL") RegisterFilter.Only only,
      @AuthenticationPrincipal Account who,
      Locale device) {
    RegisterFilter filter = RegisterFilter.of(year, apiaryId, hiveId, only);
    Wording words = ownWords.of(who, device);
    return file(
        who, year, "json", MediaType.APPLICATION_JSON, out -> export.json(filter, words, out));
  }

  /** The register on paper. */
  @GetMapping(value = "/treatments.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<StreamingResponseBody> pdf(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId,
      @RequestParam(defaultValue = "ALL") RegisterFilter.Only only,
      @AuthenticationPrincipal Account who,
      Locale device) {
    RegisterFilter filter = RegisterFilter.of(year, apiaryId, hiveId, only);
    Wording words = ownWords.of(who, device);
    export.fitsOnPaper(filter);
    return file(who, year, "pdf", MediaType.APPLICATION_PDF, out -> export.pdf(filter, words, out));
  }

  /** Treatments as a calendar file. */
  @GetMapping(value = "/treatments.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<StreamingResponseBody> calendar(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId,
      @RequestParam(defaultValue = "ALL") RegisterFilter.Only only,
      @AuthenticationPrincipal Account who,
      Locale device) {
    byte[] whole =
        export
            .calendar(RegisterFilter.of(year, apiaryId, hiveId, only), ownWords.of(who, device))
            .getBytes(StandardCharsets.UTF_8);
    return file(
        who,
        year,
        "ics",
        new MediaType("text", "calendar", StandardCharsets.UTF_8),
        out -> out.write(whole));
  }

  private ResponseEntity<StreamingResponseBody> file(
      Account who, @Nullable Integer year, String kind, MediaType type, Downloads.Writing writing) {
    String name = (year == null ? "treatments." : "treatments-" + year + ".") + kind;
    return downloads.of(who.id(), name, type, writing);
  }
}
