package tavrel.server.tag;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.http.Spreadsheet;
import tavrel.server.people.Account;

/** Tags of hives: printed, and followed by a phone. */
@RestController
@RequestMapping("/api")
class TagResource {

  /**
   * The address in tags, as it is known.
   *
   * @param host the address, or null where nobody has said
   */
  record KnownHost(@Nullable String host) {}

  /**
   * Where a tag leads.
   *
   * @param hiveId the hive
   */
  record Tagged(UUID hiveId) {}

  private final Tags tags;

  TagResource(Tags tags) {
    this.tags = tags;
  }

  /** The hive whose tag has a code. */
  @GetMapping("/tags/{code}")
  Tagged follow(@PathVariable String code) {
    return new Tagged(tags.hiveOf(code));
  }

  /** The address at which phones reach this server, as tags have it. */
  @GetMapping("/tag-host")
  KnownHost host() {
    TagHost host = tags.host();
    return new KnownHost(host == null ? null : host.host());
  }

  /** Sets the address at which phones reach this server. */
  @PutMapping("/tag-host")
  KnownHost keepHost(@RequestBody TagHost host, @AuthenticationPrincipal Account who) {
    return new KnownHost(tags.keepHost(host, who).host());
  }

  /**
   * The same as a table, for a label printer of one's own: name, apiary and address of each hive.
   */
  @GetMapping(value = "/apiaries/{id}/tags.csv", produces = "text/csv")
  ResponseEntity<String> table(
      @PathVariable UUID id, @RequestParam(defaultValue = "") List<UUID> hives) {
    String rows =
        tags.of(id, hives).stream()
            .map(
                tag ->
                    CSVFormat.RFC4180.format(
                        Spreadsheet.safe(tag.name()),
                        Spreadsheet.safe(tag.apiary()),
                        tag.address()))
            .collect(Collectors.joining("\n", "hive,apiary,address\n", "\n"));
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("tags.csv").build().toString())
        .body(rows);
  }

  /** Sheets of tags of an apiary's hives, 24 to a page. */
  @GetMapping(value = "/apiaries/{id}/tags.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "A4") TagPdf.Size paper,
      @RequestParam(defaultValue = "") List<UUID> hives) {
    List<Tags.Tag> printed = tags.of(id, hives);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(printed.get(0).apiary() + " tags.pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(TagPdf.write(printed, paper));
  }
}
