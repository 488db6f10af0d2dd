package tavrel.server.run;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import tavrel.server.register.RoundSums;

/** Rounds that are planned and not finished, with what they still need. */
@Service
public class RoundsToCome {

  /**
   * A round to come.
   *
   * @param day its day
   * @param grams of product that it still needs
   * @param tool name of its tool
   * @param burns that it still needs
   */
  public record ToCome(LocalDate day, double grams, String tool, int burns) {}

  private final RoundMapper mapper;
  private final RoundSums register;

  RoundsToCome(RoundMapper mapper, RoundSums register) {
    this.mapper = mapper;
    this.register = register;
  }

  /** All, hives that were treated already left out; rounds without any other hive, too. */
  public List<ToCome> all() {
    List<Round> open = mapper.open();
    Set<RoundSums.TreatedIn> treated =
        new HashSet<>(register.treatedIn(open.stream().map(Round::id).toList()));
    return open.stream()
        .map(round -> toCome(round, treated))
        .filter(each -> each.burns() > 0)
        .toList();
  }

  private ToCome toCome(Round round, Set<RoundSums.TreatedIn> treated) {
    List<RoundHive> left =
        mapper.hives(round.id()).stream()
            .filter(hive -> !treated.contains(new RoundSums.TreatedIn(round.id(), hive.hiveId())))
            .toList();
    return new ToCome(
        round.day(),
        left.stream().mapToDouble(RoundHive::product).sum(),
        round.tool(),
        left.stream().mapToInt(RoundHive::loads).sum());
  }
}
