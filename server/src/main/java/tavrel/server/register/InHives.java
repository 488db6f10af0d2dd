package tavrel.server.register;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.register.InHive;
import tavrel.core.register.TreatmentKind;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.HiveAt;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** What stays in hives for a time: strips, pads, trays. */
@Service
public class InHives {

  private static final int MOST_AT_ONCE = 1_000;

  /**
   * What is in a hive still.
   *
   * @param treatmentId the register's line
   * @param hiveId the hive
   * @param hive its name now
   * @param apiaryId where it stands now
   * @param means what it is
   * @param product the product's name, if given
   * @param day day on which it was put in
   * @param outBy the last day on which it may be there
   */
  public record StillIn(
      UUID treatmentId,
      UUID hiveId,
      String hive,
      UUID apiaryId,
      TreatmentKind means,
      @Nullable String product,
      LocalDate day,
      LocalDate outBy) {}

  private final InHiveMapper mapper;
  private final Hives allHives;
  private final Apiaries apiaries;

  InHives(InHiveMapper mapper, Hives allHives, Apiaries apiaries) {
    this.mapper = mapper;
    this.allHives = allHives;
    this.apiaries = apiaries;
  }

  /** All of it in hives that live, soonest to come out first. */
  public List<StillIn> still() {
    List<InHiveMapper.Inside> inside = mapper.still();
    if (inside.isEmpty()) {
      return List.of();
    }
    Map<UUID, Hives.Named> living =
        allHives.living().stream()
            .collect(Collectors.toMap(Hives.Named::hiveId, Function.identity()));
    return inside.stream()
        .filter(each -> living.containsKey(each.hiveId()))
        .map(each -> stillIn(each, Objects.requireNonNull(living.get(each.hiveId()))))
        .toList();
  }

  private static StillIn stillIn(InHiveMapper.Inside inside, Hives.Named hive) {
    return new StillIn(
        inside.treatmentId(),
        inside.hiveId(),
        hive.hive(),
        hive.apiaryId(),
        inside.means(),
        inside.product(),
        inside.day(),
        inside.outBy());
  }

  /**
   * Writes down that it is out. What is out already stays as it was written.
   *
   * @param treatmentIds the register's lines
   * @param day day on which it was taken out
   * @throws InvalidValue if that day has not come, or it was not in yet
   * @throws Problem 404 for a line with nothing that stays in
   */
  @Transactional
  public void takeOut(Set<UUID> treatmentIds, LocalDate day, Account who) {
    if (treatmentIds.isEmpty() || treatmentIds.size() > MOST_AT_ONCE) {
      throw new InvalidValue(
          "hives", "nameHivesWereTreated", "name 1 to 1,000 hives that were treated");
    }
    List<InHiveMapper.Inside> known = mapper.of(treatmentIds);
    if (known.size() < treatmentIds.size()) {
      throw Problem.missing(Missing.LINE);
    }
    Map<UUID, HiveAt> hives =
        allHives.at(known.stream().map(InHiveMapper.Inside::hiveId).collect(Collectors.toSet()));
    for (InHiveMapper.Inside each : known) {
      LocalDate today = apiaries.today(Objects.requireNonNull(hives.get(each.hiveId())).apiary());
      new InHive(each.day(), each.outBy(), null).takenOut(day, today);
    }
    mapper.takeOut(treatmentIds, day, who);
  }
}
