package tavrel.server.series;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.HivesInSeries;
import tavrel.server.people.Account;

/** Rounds to come of hives that move: they are done where the hives go, as a series there. */
@Component
class SeriesOnTheMove implements HivesInSeries {

  private final SeriesMapper mapper;
  private final SeriesService series;
  private final Apiaries apiaries;
  private final Clock clock;

  SeriesOnTheMove(SeriesMapper mapper, SeriesService series, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.series = series;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  @Override
  public List<String> withRoundsToCome(Collection<UUID> hiveIds) {
    Set<UUID> leaving = Set.copyOf(hiveIds);
    return series.open(null).stream()
        .filter(each -> !each.toCome().isEmpty())
        .filter(each -> each.hiveIds().stream().anyMatch(leaving::contains))
        .map(Series::name)
        .toList();
  }

  /** They have left their apiary already: whose they were is read from the rows. */
  @Override
  public void goAlong(UUID actId, Collection<UUID> hiveIds, UUID apiaryId, Account who) {
    Apiary there = apiaries.byId(apiaryId);
    LocalDate today = apiaries.today(there);
    for (SeriesMapper.Kept kept : mapper.open(null)) {
      List<UUID> going = mapper.hiveIds(kept.id()).stream().filter(hiveIds::contains).toList();
      List<LocalDate> days = series.whole(kept).toCome();
      if (going.isEmpty() || days.isEmpty() || kept.apiaryId().equals(apiaryId)) {
        continue;
      }
      UUID id = idOf(actId, kept.id());
      mapper.add(
          new SeriesMapper.Kept(
              id,
              apiaryId,
              kept.name(),
              kept.ruleSheetId(),
              kept.gramsPerBox(),
              kept.tool(),
              kept.offLabelReason(),
              kept.verdict(),
              kept.labelSays(),
              null,
              null,
              today,
              who.name(),
              null),
          clock.instant());
      going.forEach(hive -> mapper.addHive(id, hive));
      for (int i = 0; i < days.size(); i++) {
        mapper.addRound(id, i + 1, days.get(i));
      }
    }
  }

  @Override
  public void comeBack(UUID actId) {
    List<SeriesMapper.Kept> open = mapper.open(null);
    Set<UUID> made = open.stream().map(kept -> idOf(actId, kept.id())).collect(Collectors.toSet());
    open.stream()
        .map(SeriesMapper.Kept::id)
        .filter(made::contains)
        .forEach(id -> mapper.end(id, clock.instant()));
  }

  private static UUID idOf(UUID actId, UUID seriesId) {
    return UUID.nameUUIDFromBytes((actId + " " + seriesId).getBytes(StandardCharsets.UTF_8));
  }
}
