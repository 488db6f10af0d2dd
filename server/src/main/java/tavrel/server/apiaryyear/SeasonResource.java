package tavrel.server.apiaryyear;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.DaySpan;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.YearBand;
import tavrel.core.apiaryyear.YearStretch;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;

/** An apiary's year, to look at and to change. */
@RestController
@RequestMapping("/api/apiaries/{apiaryId}/season")
class SeasonResource {

  /**
   * An apiary's year.
   *
   * @param season its dates and limits
   * @param own whether the keeper set them
   * @param bands flows, further supers and days off
   * @param year the next twelve months as bands
   */
  record WholeSeason(
      ApiarySeason season, boolean own, List<YearBand> bands, List<YearStretch> year) {}

  /**
   * Apiaries to copy a year to.
   *
   * @param to the apiaries
   */
  record CopyTo(List<UUID> to) {}

  private final ApiaryYears apiaryYears;
  private final Apiaries apiaries;

  SeasonResource(ApiaryYears apiaryYears, Apiaries apiaries) {
    this.apiaryYears = apiaryYears;
    this.apiaries = apiaries;
  }

  /** The year of an apiary: dates, limits, bands, and whether the keeper set them. */
  @GetMapping
  WholeSeason one(@PathVariable UUID apiaryId) {
    return whole(apiaryId);
  }

  /** Keeps an apiary's dates and limits. */
  @PutMapping
  WholeSeason keep(@PathVariable UUID apiaryId, @RequestBody ApiarySeason season) {
    apiaryYears.keep(apiaryId, season);
    return whole(apiaryId);
  }

  /** Keeps a flow, further supers or days off. */
  @PutMapping("/bands/{bandId}")
  WholeSeason keep(
      @PathVariable UUID apiaryId, @PathVariable UUID bandId, @RequestBody YearBand band) {
    if (!band.id().equals(bandId)) {
      throw new InvalidValue("id", "differsFromAddress", "differs from the address");
    }
    apiaryYears.keep(apiaryId, band);
    return whole(apiaryId);
  }

  /** Takes a flow, further supers or days off away. */
  @DeleteMapping("/bands/{bandId}")
  WholeSeason forget(@PathVariable UUID apiaryId, @PathVariable UUID bandId) {
    apiaryYears.forget(apiaryId, bandId);
    return whole(apiaryId);
  }

  /** Copies an apiary's year to others, moved by their height. */
  @PostMapping("/copies")
  List<ApiaryYears.CopiedYear> copy(@PathVariable UUID apiaryId, @RequestBody CopyTo wanted) {
    return apiaryYears.copy(apiaryId, wanted.to());
  }

  private WholeSeason whole(UUID apiaryId) {
    Apiary apiary = apiaries.byId(apiaryId);
    ApiarySeason season = apiaryYears.of(apiary);
    List<YearBand> bands = apiaryYears.bands(apiaryId);
    LocalDate today = apiaries.today(apiary);
    return new WholeSeason(
        season,
        apiaryYears.own().contains(apiaryId),
        bands,
        YearStretch.of(season.dates(), bands, new DaySpan(today, today.plusDays(364))));
  }
}
