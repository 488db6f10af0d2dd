package tavrel.server.outlook;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tavrel.core.apiaryyear.SeasonDates;
import tavrel.core.brood.BroodClock;
import tavrel.core.count.Danger;
import tavrel.core.count.Infestation;
import tavrel.core.due.Deadline;
import tavrel.core.hive.Hive;
import tavrel.core.measure.Strength;
import tavrel.core.mite.CurveChoice;
import tavrel.core.mite.Dose;
import tavrel.core.mite.MiteParameters;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.seal.Release;
import tavrel.core.seal.SealEstimate;
import tavrel.core.seal.SealParameters;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiaryyear.ApiarySeason;
import tavrel.server.apiaryyear.ApiaryYears;
import tavrel.server.brood.BroodService;
import tavrel.server.count.YardWords;
import tavrel.server.hive.Hives;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.TreatmentDays;
import tavrel.server.rulesheet.RuleSheets;
import tavrel.server.run.LastDoses;
import tavrel.server.run.Rounds;
import tavrel.server.series.Series;
import tavrel.server.series.SeriesService;

/**
 * How each colony stands to its deadline. Each is kept with a stamp of what it was reckoned from:
 * only those are reckoned anew of which that has changed.
 */
@Service
public class Outlooks {

  private static final Logger LOG = LoggerFactory.getLogger(Outlooks.class);

  /** Minutes shut that are reckoned with; the usual ten. */
  private static final double USUAL_SEAL_MINUTES = 10;

  /** So many are written at once. */
  private static final int WRITTEN_AT_ONCE = 200;

  private record Stamped(String stamp, Outlook outlook) {}

  private final OutlookMapper mapper;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final BroodService brood;
  private final YardWords words;
  private final ApiaryYears apiaryYears;
  private final TreatmentDays treatmentDays;
  private final RuleSheets ruleSheets;
  private final SeriesService series;
  private final LastDoses lastDoses;
  private final Rounds rounds;
  private final OwnParameters figures;
  private final ObjectMapper json;
  private @Nullable Map<UUID, Stamped> known;

  Outlooks(
      OutlookMapper mapper,
      Apiaries apiaries,
      Hives allHives,
      BroodService brood,
      YardWords words,
      ApiaryYears apiaryYears,
      TreatmentDays treatmentDays,
      RuleSheets ruleSheets,
      SeriesService series,
      LastDoses lastDoses,
      Rounds rounds,
      OwnParameters figures,
      ObjectMapper json) {
    this.mapper = mapper;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.brood = brood;
    this.words = words;
    this.apiaryYears = apiaryYears;
    this.treatmentDays = treatmentDays;
    this.ruleSheets = ruleSheets;
    this.series = series;
    this.lastDoses = lastDoses;
    this.rounds = rounds;
    this.figures = figures;
    this.json = json;
  }

  /**
   * Of every hive that lives, by id, as it stands now. With thousands of hives of which much has
   * changed it takes seconds: nobody's request waits for it.
   */
  public synchronized Map<UUID, Outlook> all() {
    return of(apiaries.all());
  }

  /** Of the hives of one apiary, by id. */
  public synchronized Map<UUID, Outlook> in(UUID apiaryId) {
    return of(List.of(apiaries.byId(apiaryId)));
  }

  private Map<UUID, Outlook> of(List<Apiary> places) {
    Map<UUID, Stamped> kept = known == null ? read() : known;
    known = kept;
    Map<UUID, Outlook> outlooks = new HashMap<>();
    List<Stamped> changed = new ArrayList<>();
    Sources sources = new Sources();
    for (Apiary apiary : places) {
      for (Hive hive : sources.enter(apiary)) {
        YardOutlook.Known here = sources.known(hive);
        String stamp = digest(sources.yard().stamp(here, sources.yardStamp));
        Stamped before = kept.get(hive.id());
        if (before == null || !before.stamp().equals(stamp)) {
          before = new Stamped(stamp, sources.outlook(here));
          kept.put(hive.id(), before);
          changed.add(before);
        }
        outlooks.put(hive.id(), before.outlook());
      }
    }
    write(changed);
    return outlooks;
  }

  /** What outlooks are reckoned from, apiary by apiary. */
  private final class Sources {

    private final Map<String, Double> own = new TreeMap<>(figures.own());
    private final Map<UUID, LastDoses.LastDose> doses = lastDoses.byApiary();
    private final Map<UUID, RuleSheet> sheets = new HashMap<>();
    private final Map<UUID, List<Series>> open = new HashMap<>();
    private final double danger = Danger.of(own).share();
    private final SealParameters seal = SealParameters.of(own);
    private final Map<UUID, List<LocalDate>> planned = rounds.plannedDays();
    private String yardStamp = "";
    private @Nullable Here here;

    private Sources() {
      series
          .open(null)
          .forEach(
              each -> open.computeIfAbsent(each.apiaryId(), id -> new ArrayList<>()).add(each));
    }

    /** What is known of one apiary. */
    private record Here(
        Apiary apiary,
        YardOutlook yard,
        Map<UUID, BroodClock> clocks,
        Map<UUID, Infestation> samples,
        Map<UUID, List<LocalDate>> treated) {}

    List<Hive> enter(Apiary apiary) {
      List<Hive> hives = allHives.in(apiary.id());
      if (hives.isEmpty()) {
        return hives;
      }
      ApiarySeason season = apiaryYears.of(apiary);
      SeasonDates dates = season.dates();
      LocalDate today = apiaries.today(apiary);
      here =
          new Here(
              apiary,
              new YardOutlook(
                  today,
                  dates,
                  Deadline.of(today, dates, season.limits()),
                  danger,
                  MiteParameters.of(own),
                  hives.size()),
              brood.clocksOf(apiary),
              words.samples(apiary),
              treatmentDays.withOxalicAcid(apiary.id()));
      yardStamp = here.yard().stamp(own);
      return hives;
    }

    private Here here() {
      return Objects.requireNonNull(here);
    }

    YardOutlook yard() {
      return here().yard();
    }

    YardOutlook.Known known(Hive hive) {
      BroodClock clock = Objects.requireNonNull(here().clocks().get(hive.id()));
      Infestation sample = here().samples().get(hive.id());
      boolean own = sample != null && sample.isOfColonySince(clock.foundedOn());
      List<Series> agreed =
          open.getOrDefault(here().apiary().id(), List.of()).stream()
              .filter(each -> each.hiveIds().contains(hive.id()))
              .toList();
      return new YardOutlook.Known(
          hive,
          clock,
          own ? sample : null,
          here().treated().getOrDefault(hive.id(), List.of()),
          Stream.concat(
                  agreed.stream().flatMap(each -> each.toCome().stream()),
                  planned.getOrDefault(hive.id(), List.of()).stream())
              .sorted()
              .toList(),
          dose(hive, agreed));
    }

    Outlook outlook(YardOutlook.Known known) {
      return yard().of(known, day -> brood.readOn(known.clock(), here().apiary(), day));
    }

    /** By the series that it is in, else as was given there last. */
    private YardOutlook.@Nullable DoseByLabel dose(Hive hive, List<Series> agreed) {
      for (Series each : agreed) {
        if (each.ruleSheetId() != null) {
          return dose(hive, each.ruleSheetId(), each.gramsPerBox());
        }
      }
      LastDoses.LastDose last = doses.get(here().apiary().id());
      if (last != null) {
        return dose(hive, last.ruleSheetId(), last.gramsPerBox(hive));
      }
      RuleSheet only = ruleSheets.onlyOwn();
      return only == null || only.maxPerBox() == null
          ? null
          : dose(hive, only.id(), only.gramsOf().toAcid(only.maxPerBox(), Strength.PURE));
    }

    private YardOutlook.DoseByLabel dose(Hive hive, UUID sheetId, double gramsPerBox) {
      double kept = SealEstimate.of(hive, Release.USUAL, USUAL_SEAL_MINUTES, seal).kept();
      return new YardOutlook.DoseByLabel(
          new Dose(
              Math.max(0.1, Math.min(10, gramsPerBox)),
              Math.max(Dose.LEAST_KEPT, kept),
              CurveChoice.FIELD.in(own)),
          sheets.computeIfAbsent(sheetId, ruleSheets::byId));
    }
  }

  private static String digest(String text) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException everyJavaHasIt) {
      throw new IllegalStateException(everyJavaHasIt);
    }
  }

  private Map<UUID, Stamped> read() {
    Map<UUID, Stamped> kept = new HashMap<>();
    for (OutlookMapper.Kept each : mapper.all()) {
      try {
        kept.put(
            each.hiveId(),
            new Stamped(each.stamp(), json.readValue(each.outlook(), Outlook.class)));
      } catch (JsonProcessingException ofAnotherVersion) {
        LOG.debug("An outlook is reckoned anew: {}", ofAnotherVersion.getMessage());
      }
    }
    return kept;
  }

  private void write(List<Stamped> changed) {
    for (int from = 0; from < changed.size(); from += WRITTEN_AT_ONCE) {
      mapper.keep(
          changed.subList(from, Math.min(changed.size(), from + WRITTEN_AT_ONCE)).stream()
              .map(
                  each ->
                      new OutlookMapper.Kept(
                          each.outlook().hiveId(), each.stamp(), text(each.outlook())))
              .toList());
    }
  }

  private String text(Outlook outlook) {
    try {
      return json.writeValueAsString(outlook);
    } catch (JsonProcessingException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
