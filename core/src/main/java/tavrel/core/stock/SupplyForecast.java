package tavrel.core.stock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * What the rounds to come will use up beside the acid, by how long each thing lasts. An estimate.
 *
 * @param kind of what
 * @param pieces that will be changed until the last of those rounds
 * @param runsOutOn day of the change for which no piece is left, or null where enough are there or
 *     nobody counted them
 * @param from what it follows from
 */
public record SupplyForecast(
    SupplyKind kind, int pieces, @Nullable LocalDate runsOutOn, Fact from) {

  /**
   * A round to come.
   *
   * @param day its day
   * @param grams g of product
   * @param tool name of its tool
   * @param burns loads
   */
  public record ToCome(LocalDate day, double grams, String tool, int burns) {}

  /**
   * How far a tool is.
   *
   * @param name of the tool
   * @param sealsEvery burns that its seals last, or null where nobody said
   * @param onSeals burns on those that are in it
   * @param pack name of the pack that it runs on, or null
   * @param burnsPerCharge burns of a charge, or null
   * @param packs how many of them there are
   */
  public record ToolNow(
      String name,
      @Nullable Integer sealsEvery,
      int onSeals,
      @Nullable String pack,
      @Nullable Integer burnsPerCharge,
      int packs) {}

  /** Walking, shutting, burning and opening, h; our own guess, used until a round is on record. */
  private static final double USUAL_HOURS_PER_BURN = 0.1;

  /** Hours a burn of earlier rounds, from first burn to last opening; our guess where none was. */
  public static double hoursPerBurn(double hours, int burns) {
    return burns == 0 ? USUAL_HOURS_PER_BURN : hours / burns;
  }

  /**
   * The changes of seals that the rounds to come bring; null where no tool says how long they last.
   */
  public static @Nullable SupplyForecast seals(
      List<ToCome> rounds, List<ToolNow> tools, @Nullable Integer onHand) {
    Map<String, ToolNow> byName = new HashMap<>();
    tools.stream()
        .filter(tool -> tool.sealsEvery() != null)
        .forEach(tool -> byName.put(tool.name(), tool));
    if (byName.isEmpty()) {
      return null;
    }
    Map<String, Integer> on = new HashMap<>();
    List<LocalDate> changes = new ArrayList<>();
    for (ToCome round : inOrder(rounds)) {
      ToolNow tool = byName.get(round.tool());
      if (tool != null) {
        int every = Objects.requireNonNull(tool.sealsEvery());
        int burned = on.getOrDefault(tool.name(), tool.onSeals()) + round.burns();
        for (; burned >= every; burned -= every) {
          changes.add(round.day());
        }
        on.put(tool.name(), burned);
      }
    }
    return new SupplyForecast(
        SupplyKind.SEALS, changes.size(), runsOut(changes, onHand), Fact.of("stock.fromSeals"));
  }

  /**
   * The changes of filters that the rounds to come bring; null where nobody noted a change yet.
   *
   * @param hoursPerBurn of earlier rounds, from first burn to last opening
   */
  public static @Nullable SupplyForecast filters(
      List<ToCome> rounds, FilterWear now, double hoursPerBurn, @Nullable Integer onHand) {
    if (now.hours() == null) {
      return null;
    }
    double worn = now.hours();
    List<LocalDate> changes = new ArrayList<>();
    for (ToCome round : inOrder(rounds)) {
      worn += round.burns() * hoursPerBurn;
      for (; worn >= now.most(); worn -= now.most()) {
        changes.add(round.day());
      }
    }
    return new SupplyForecast(
        SupplyKind.FILTERS,
        changes.size(),
        runsOut(changes, onHand),
        Fact.of("stock.fromFilters")
            .minutes("aHive", Math.round(60 * hoursPerBurn))
            .figure("every", now.most()));
  }

  /** The day on which a pack has to give most, by pack; those that suffice are left out. */
  public static List<Fact> shortOfCharges(List<ToCome> rounds, List<ToolNow> tools) {
    Map<String, Map<LocalDate, Double>> charges = new TreeMap<>();
    Map<String, ToolNow> ofPack = new HashMap<>();
    for (ToolNow tool : tools) {
      Integer burns = tool.burnsPerCharge();
      if (tool.pack() == null || burns == null) {
        continue;
      }
      ofPack.put(tool.pack(), tool);
      for (ToCome round : rounds) {
        if (round.tool().equals(tool.name())) {
          charges
              .computeIfAbsent(tool.pack(), none -> new TreeMap<>())
              .merge(round.day(), round.burns() / (double) burns, Double::sum);
        }
      }
    }
    List<Fact> says = new ArrayList<>();
    charges.forEach(
        (pack, days) -> {
          Map.Entry<LocalDate, Double> heaviest =
              days.entrySet().stream()
                  .max(Map.Entry.<LocalDate, Double>comparingByValue())
                  .orElseThrow();
          int needed = (int) Math.ceil(heaviest.getValue() - 1e-9);
          int there = Objects.requireNonNull(ofPack.get(pack)).packs();
          if (needed > there) {
            says.add(
                Fact.of("stock.shortOfCharges")
                    .text("pack", pack)
                    .count("needed", needed, "charge")
                    .day("day", heaviest.getKey())
                    .figure("there", there));
          }
        });
    return List.copyOf(says);
  }

  private static List<ToCome> inOrder(List<ToCome> rounds) {
    return rounds.stream().sorted(Comparator.comparing(ToCome::day)).toList();
  }

  private static @Nullable LocalDate runsOut(List<LocalDate> changes, @Nullable Integer onHand) {
    return onHand == null || onHand >= changes.size() ? null : changes.get(Math.max(0, onHand));
  }
}
