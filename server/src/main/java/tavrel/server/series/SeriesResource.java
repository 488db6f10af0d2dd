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

  @GetMapping
  List<Series> open(@RequestParam(required = false) @Nullable UUID apiaryId) {
    return series.open(apiaryId);
  }

  @GetMapping("/{id}")
  Series one(@PathVariable UUID id) {
    return series.byId(id);
  }

  @PutMapping("/{id}")
  Series adopt(
      @PathVariable UUID id, @RequestBody NewSeries wanted, @AuthenticationPrincipal Account who) {
    return series.adopt(id, wanted, who);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID id) {
    series.end(id);
  }

  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/{id}/ways")
  List<SeriesRespacing.WayOn> ways(@PathVariable UUID id, @RequestBody SeriesRespacing.Miss miss) {
    return respacing.ways(id, miss);
  }

  @PutMapping("/{id}/days")
  Series respace(@PathVariable UUID id, @RequestBody SeriesRespacing.Miss miss) {
    return respacing.respace(id, miss);
  }

  @PutMapping("/{id}/rest")
  Series replan(@PathVariable UUID id, @RequestBody SeriesService.Rest rest) {
    return series.replan(id, rest);
  }
}
