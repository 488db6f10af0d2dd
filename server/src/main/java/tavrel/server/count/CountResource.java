package tavrel.server.count;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tavrel.core.count.Sign;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Counts, boards, signs and decisions. */
@RestController
@RequestMapping("/api")
class CountResource {

  /**
   * A sign to mark.
   *
   * @param id made on the device
   * @param hiveId the hive
   * @param sign what was seen
   */
  record NewSign(UUID id, UUID hiveId, Sign sign) {}

  private final Counts counts;
  private final CountBoards boards;
  private final DropBoards dropBoards;
  private final Decisions decisions;
  private final CountTables tables;

  CountResource(
      Counts counts,
      CountBoards boards,
      DropBoards dropBoards,
      Decisions decisions,
      CountTables tables) {
    this.counts = counts;
    this.boards = boards;
    this.dropBoards = dropBoards;
    this.decisions = decisions;
    this.tables = tables;
  }

  /** What is known of each hive of an apiary from counts. */
  @GetMapping("/apiaries/{id}/counts")
  CountBoards.CountBoard board(@PathVariable UUID id) {
    return boards.of(id);
  }

  /** Keeps washes, rolls and board readings, all or none; a known id changes nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/counts")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(@RequestBody List<NewCount> entered, @AuthenticationPrincipal Account who) {
    counts.keep(entered, who);
  }

  /** Strikes a count out. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/counts/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable UUID id) {
    counts.strike(id);
  }

  /** Keeps a sign that was seen. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/signs")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void mark(@RequestBody NewSign sign, @AuthenticationPrincipal Account who) {
    counts.mark(sign.id(), sign.hiveId(), sign.sign(), who);
  }

  /** Strikes a sign out. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/signs/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strikeSign(@PathVariable UUID id) {
    counts.strikeSign(id);
  }

  /** Boards laid: an id made on the device for each hive. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/boards")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lay(@RequestBody Map<UUID, UUID> boardByHive, @AuthenticationPrincipal Account who) {
    dropBoards.lay(boardByHive, who);
  }

  /** Keeps what was decided about a hive: treat it or leave it, and why. */
  @PutMapping("/hives/{id}/decision")
  Decisions.Decided decide(
      @PathVariable UUID id,
      @RequestBody Decisions.NewDecision decision,
      @AuthenticationPrincipal Account who) {
    return decisions.decide(id, decision, who);
  }

  /** All counts as CSV, of one apiary where it is named. */
  @GetMapping(value = "/counts.csv", produces = "text/csv")
  ResponseEntity<String> csv(@RequestParam(required = false) @Nullable UUID apiaryId) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("counts.csv").build().toString())
        .body(tables.write(apiaryId));
  }

  /** Reads a file of counts and says what would be brought in; nothing is kept. */
  @PostMapping(value = "/counts/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  CountTables.CountPreview preview(@RequestPart MultipartFile file) throws IOException {
    return tables.preview(file.getBytes());
  }

  /** Brings in a file of counts: all rows, or the good ones alone. */
  @PostMapping(value = "/counts/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  CountTables.CountPreview bringIn(
      @RequestPart MultipartFile file,
      @RequestParam(defaultValue = "false") boolean goodRowsOnly,
      @AuthenticationPrincipal Account who)
      throws IOException {
    return tables.bringIn(file.getBytes(), goodRowsOnly, who);
  }
}
