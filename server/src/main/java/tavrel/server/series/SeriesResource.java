package tavrel.server.series;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Series of rounds. */
@RestController
@RequestMapping("/api/series")
class SeriesResource {

  private final SeriesService series;
  private final SeriesRespacing respacing;

  SeriesResource(SeriesService series, SeriesRespacing respacing) {
    this.series = series;
    this.respacing = respacing;
  }

  /** Series that are not over, of one apiary where it is named. */
  @GetMapping
  List<Series> open(@RequestParam(required = false) @Nullable UUID apiaryId) {
    return series.open(apiaryId);
  }

  /** A series with its days and hives. */
  @GetMapping("/{id}")
  Series one(@PathVariable UUID id) {
    return series.byId(id);
  }

  /** Adopts days as a series. */
  @PutMapping("/{id}")
  Series adopt(
      @PathVariable UUID id, @RequestBody NewSeries wanted, @AuthenticationPrincipal Account who) {
    return series.adopt(id, wanted, who);
  }

  /** Ends a series; what was done stays. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID id) {
    series.end(id);
  }

  /** Ways to go on after a round was missed. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/{id}/ways")
  List<SeriesRespacing.WayOn> ways(@PathVariable UUID id, @RequestBody SeriesRespacing.Miss miss) {
    return respacing.ways(id, miss);
  }

  /** Moves the rest of a series after a round was missed. */
  @PutMapping("/{id}/days")
  Series respace(@PathVariable UUID id, @RequestBody SeriesRespacing.Miss miss) {
    return respacing.respace(id, miss);
  }

  /** Sets the rest of a series anew. */
  @PutMapping("/{id}/rest")
  Series replan(@PathVariable UUID id, @RequestBody SeriesService.Rest rest) {
    return series.replan(id, rest);
  }
}
