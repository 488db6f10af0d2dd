package tavrel.server.reporting.hive;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One hive, and where anything is found. */
@RestController
@RequestMapping("/api")
class HivePageResource {

  private final HivePages pages;
  private final Finder finder;

  HivePageResource(HivePages pages, Finder finder) {
    this.pages = pages;
    this.finder = finder;
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
