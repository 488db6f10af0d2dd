package tavrel.server.measure;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.measure.Scoops;
import tavrel.core.measure.Spoon;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/** Scoops weighed once for a product lot, and reckoned with from then on. */
@Service
public class ScoopWeighings {

  private final ScoopMapper mapper;
  private final Clock clock;

  ScoopWeighings(ScoopMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  /**
   * Scoops to weigh in.
   *
   * @param product the product's name
   * @param lot its lot, or null
   * @param spoon the spoon
   * @param grams of product in each level scoop, g
   */
  public record Weighing(String product, @Nullable String lot, Spoon spoon, List<Double> grams) {

    /** Trims its texts; a blank lot counts as missing. */
    public Weighing {
      product = InvalidValue.text("product", product, 80);
      lot = lot == null || lot.isBlank() ? null : InvalidValue.text("lot", lot, 60);
      grams = List.copyOf(grams);
    }
  }

  /**
   * Weighed scoops as kept.
   *
   * @param id key
   * @param product the product's name
   * @param lot its lot, or null
   * @param grams the weighings
   * @param scoops what they come to
   * @param at when
   * @param by who
   */
  public record Weighed(
      UUID id,
      String product,
      @Nullable String lot,
      List<Double> grams,
      Scoops scoops,
      Instant at,
      String by) {}

  /** All that stand, latest first. */
  public List<Weighed> all() {
    return mapper.all().stream()
        .map(
            kept -> {
              List<Double> grams =
                  Arrays.stream(kept.grams().split(" ")).map(Double::valueOf).toList();
              return new Weighed(
                  kept.id(),
                  kept.product(),
                  kept.lot(),
                  grams,
                  Scoops.of(kept.spoon(), grams),
                  kept.at(),
                  kept.by());
            })
        .toList();
  }

  /** Keeps a weighing; the same id again changes nothing. */
  @Transactional
  public void keep(UUID id, Weighing weighing, Account who) {
    Scoops.of(weighing.spoon(), weighing.grams());
    if (mapper.holds(id) == 0) {
      mapper.add(
          id,
          weighing,
          weighing.grams().stream().map(String::valueOf).collect(Collectors.joining(" ")),
          clock.instant(),
          who.name());
    }
  }

  /** Strikes a weighing out. */
  @Transactional
  public void strike(UUID id) {
    if (mapper.strike(id, clock.instant()) == 0 && mapper.holds(id) == 0) {
      throw Problem.missing(Missing.WEIGHING);
    }
  }
}
