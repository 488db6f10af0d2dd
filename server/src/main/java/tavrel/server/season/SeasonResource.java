package tavrel.server.season;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.apiary.Apiaries;

/** An apiary's year, to look at and to change. */
@RestController
@RequestMapping("/api/apiaries/{apiaryId}/season")
class SeasonResource {

  /**
   * An apiary's year.
   *
   * @param season its dates and limits
   * @param own whether the keeper set them
   */
  record WholeSeason(ApiarySeason season, boolean own) {}

  private final Seasons seasons;
  private final Apiaries apiaries;

  SeasonResource(Seasons seasons, Apiaries apiaries) {
    this.seasons = seasons;
    this.apiaries = apiaries;
  }

  @GetMapping
  WholeSeason one(@PathVariable UUID apiaryId) {
    return new WholeSeason(seasons.of(apiaries.byId(apiaryId)), seasons.own().contains(apiaryId));
  }

  @PutMapping
  WholeSeason keep(@PathVariable UUID apiaryId, @RequestBody ApiarySeason season) {
    return new WholeSeason(seasons.keep(apiaryId, season), true);
  }
}
