package tavrel.server.apiaryyear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.apiaryyear.HeightShift;
import tavrel.core.apiaryyear.YearBand;
import tavrel.core.weather.Place;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.http.Problem;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** The year of each apiary: as the keeper set it, or as it usually is there. */
@Service
public class ApiaryYears {

  private final ApiarySeasonMapper mapper;
  private final YearBandMapper bands;
  private final Apiaries apiaries;
  private final OwnParameters figures;
  private final KeptWhileUnchanged<UUID, Optional<ApiarySeason>> kept;

  ApiaryYears(
      ApiarySeasonMapper mapper,
      YearBandMapper bands,
      Apiaries apiaries,
      OwnParameters figures,
      Changes changes) {
    kept = new KeptWhileUnchanged<>(changes, mapper::of, "apiaryyear");
    this.mapper = mapper;
    this.bands = bands;
    this.apiaries = apiaries;
    this.figures = figures;
  }

  /**
   * What came of copying a year to another apiary.
   *
   * @param apiaryId the other apiary
   * @param apiary its name
   * @param days by which its spring is later; negative for earlier
   * @param says what was done
   */
  public record CopiedYear(UUID apiaryId, String apiary, int days, Fact says) {}

  /** An apiary's year. */
  public ApiarySeason of(Apiary apiary) {
    return kept.of(apiary.id())
        .orElseGet(() -> ApiarySeason.usual(Place.isSouth(apiary.latitude())));
  }

  /** Apiaries whose year the keeper set. */
  Set<UUID> own() {
    return Set.copyOf(mapper.own());
  }

  /** Keeps an apiary's year. */
  @Transactional
  public ApiarySeason keep(UUID apiaryId, ApiarySeason season) {
    apiaries.byId(apiaryId);
    List<YearBand> there = bands.of(apiaryId);
    there.forEach(band -> band.refuseOverlap(there, season.dates()));
    mapper.keep(apiaryId, season);
    return season;
  }

  /** Flows, further supers and days off of an apiary. */
  public List<YearBand> bands(UUID apiaryId) {
    return bands.of(apiaryId);
  }

  /**
   * Keeps a band.
   *
   * @throws InvalidValue if it is further supers that meet others
   */
  @Transactional
  public List<YearBand> keep(UUID apiaryId, YearBand band) {
    Apiary apiary = apiaries.byId(apiaryId);
    if (bands.elsewhere(band.id(), apiaryId) > 0) {
      throw Problem.conflict(Fact.of("refused.yearIdTaken"));
    }
    band.refuseOverlap(bands.of(apiaryId), of(apiary).dates());
    bands.keep(apiaryId, band);
    return bands.of(apiaryId);
  }

  /** Takes a band away. */
  @Transactional
  public List<YearBand> forget(UUID apiaryId, UUID bandId) {
    bands.forget(apiaryId, bandId);
    return bands.of(apiaryId);
  }

  /**
   * Copies an apiary's dates, limits and bands to others, moved by their height; what they had is
   * replaced. Days off are the apiary's own and are not copied.
   */
  @Transactional
  public List<CopiedYear> copy(UUID fromId, List<UUID> toIds) {
    Apiary from = apiaries.byId(fromId);
    ApiarySeason season = of(from);
    List<YearBand> shared =
        bands.of(fromId).stream().filter(band -> band.kind() != YearBand.Kind.OFF).toList();
    List<CopiedYear> copied = new ArrayList<>();
    for (UUID toId : toIds) {
      Apiary to = apiaries.byId(toId);
      if (toId.equals(fromId)) {
        throw new InvalidValue("to", "namesApiaryCopied", "names the apiary that is copied");
      }
      HeightShift shift =
          HeightShift.between(
              from.altitude(), to.altitude(), Place.isSouth(from.latitude()), figures.own());
      List<YearBand> own =
          bands.of(toId).stream().filter(band -> band.kind() == YearBand.Kind.OFF).toList();
      bands.forgetAll(toId);
      own.forEach(band -> bands.keep(toId, band));
      mapper.keep(toId, season.with(shift.of(season.dates())));
      shared.forEach(band -> bands.keep(toId, shift.of(band, UUID.randomUUID())));
      copied.add(new CopiedYear(toId, to.name(), shift.days(), says(from, to, shift)));
    }
    return List.copyOf(copied);
  }

  private static Fact says(Apiary from, Apiary to, HeightShift shift) {
    if (from.altitude() == null || to.altitude() == null) {
      return Fact.of("year.copiedHeightUnknown")
          .text("apiary", (from.altitude() == null ? from : to).name());
    }
    int days = Math.abs(shift.days());
    return days == 0
        ? Fact.of("year.copiedEquallyHigh")
        : (shift.days() > 0 ? Fact.of("year.springLater") : Fact.of("year.springEarlier"))
            .count("days", days, "day");
  }
}
