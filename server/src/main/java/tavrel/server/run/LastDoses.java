package tavrel.server.run;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tavrel.core.dose.BoxFactor;
import tavrel.core.dose.Per;
import tavrel.core.hive.Hive;
import tavrel.core.measure.Strength;

/** What was planned to be given last in each apiary; plans thrown away are left out. */
@Component
public class LastDoses {

  private final RoundMapper mapper;

  LastDoses(RoundMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * A round's dose.
   *
   * @param round the round
   */
  public record LastDose(Round round) {

    /** The sheet that it was judged by. */
    public UUID ruleSheetId() {
      return round.ruleSheetId();
    }

    /** Grams of acid dihydrate that a hive gets by it for each box that it counts for. */
    public double gramsPerBox(Hive hive) {
      double acid = round.gramsOf().toAcid(round.grams(), new Strength(round.strength()));
      return round.per() == Per.BOX
          ? acid
          : acid / Math.max(0.3, BoxFactor.sum(hive.boxes(), round.mediums()));
    }
  }

  /** The latest of each apiary; one where none was planned is missing. */
  public Map<UUID, LastDose> byApiary() {
    return mapper.latest().stream()
        .collect(Collectors.toMap(Round::apiaryId, LastDose::new, (one, same) -> one));
  }
}
