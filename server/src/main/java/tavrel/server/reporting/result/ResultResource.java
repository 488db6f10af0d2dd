package tavrel.server.reporting.result;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Did it work. */
@RestController
@RequestMapping("/api/apiaries/{id}/results")
class ResultResource {

  private final Results results;

  ResultResource(Results results) {
    this.results = results;
  }

  /** The results of one stretch of rounds, by the day of its first; the latest unless said. */
  @GetMapping
  Results.ApiaryResults of(
      @PathVariable UUID id, @RequestParam(required = false) @Nullable LocalDate from) {
    return results.of(id, from);
  }

  /** The rounds to come of the series under way there, planned anew from what was counted. */
  @GetMapping("/rest")
  List<Results.SeriesRest> rest(@PathVariable UUID id) {
    return results.rest(id);
  }
}
