package tavrel.server.reporting.hive;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.OwnWords;

/** One hive, and where anything is found. */
@RestController
@RequestMapping("/api")
class HivePageResource {

  private final HivePages pages;
  private final Finder finder;
  private final OwnWords ownWords;

  HivePageResource(HivePages pages, Finder finder, OwnWords ownWords) {
    this.pages = pages;
    this.finder = finder;
    this.ownWords = ownWords;
  }

  /** A hive's life on paper, as for who buys it. */
  @GetMapping(value = "/hives/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @PathVariable UUID id, @AuthenticationPrincipal Account who, Locale device) {
    HivePages.HivePage page = pages.of(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(page.hive().name() + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(HivePdf.write(page, ownWords.of(who, device)));
  }

  /** A hive with its life, what is known of it, and what comes next. */
  @GetMapping("/hives/{id}")
  HivePages.HivePage page(@PathVariable UUID id) {
    return pages.of(id);
  }

  /**
   * Hives by any name they ever had, apiaries, lots, people and days of rounds that match a few
   * letters.
   */
  @GetMapping("/find")
  Finder.FoundAll find(@RequestParam("q") String text) {
    return finder.find(text);
  }
}
