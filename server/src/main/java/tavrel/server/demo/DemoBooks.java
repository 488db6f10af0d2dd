package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.EntryField;
import tavrel.core.register.TreatmentKind;
import tavrel.core.result.DeathSign;
import tavrel.core.result.WinterOutcome;
import tavrel.core.stock.AcidBook;
import tavrel.core.stock.AcidLot;
import tavrel.core.stock.SupplyKind;
import tavrel.core.stock.SupplyShelf;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.Hives;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;
import tavrel.server.register.NewTreatment;
import tavrel.server.register.Register;
import tavrel.server.stock.Stock;
import tavrel.server.winter.WinterOutcomes;

/** What the made-up outfit wrote into its books by hand. */
@Component
@Profile("demo")
class DemoBooks {

  private final Apiaries apiaries;
  private final Hives allHives;
  private final Register register;
  private final Stock stock;
  private final WinterOutcomes winters;
  private final OwnParameters figures;

  DemoBooks(
      Apiaries apiaries,
      Hives allHives,
      Register register,
      Stock stock,
      WinterOutcomes winters,
      OwnParameters figures) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.register = register;
    this.stock = stock;
    this.winters = winters;
    this.figures = figures;
  }

  /** What an hour and a kilometre cost the outfit. */
  void rates() {
    figures.keep(Map.of("costHourly", 21.0, "costKilometre", 0.4));
  }

  /** Two lots of crystals, one weighed since, and what lies on the shelf. */
  void stock(Account keeper) {
    AcidLot old =
        new AcidLot(
            id("lot 25-208"),
            "25-208",
            "Oxalic crystals",
            LocalDate.of(2026, 6, 2),
            120,
            0.996,
            5.6,
            "the co-op store");
    stock.add(old, keeper);
    stock.add(
        new AcidLot(
            id("lot 26-014"),
            "26-014",
            "Oxalic crystals",
            LocalDate.of(2026, 6, 5),
            100,
            0.996,
            4.8,
            "the co-op store"),
        keeper);
    stock.add(
        new AcidBook.StockTake(id("weighed 25-208"), old.id(), LocalDate.of(2026, 8, 16), 114),
        keeper);
    stock.add(
        new SupplyShelf.Supply(
            id("seals"), SupplyKind.SEALS, LocalDate.of(2026, 6, 2), 6, false, 7.2),
        keeper);
    stock.add(
        new SupplyShelf.Supply(
            id("filters"), SupplyKind.FILTERS, LocalDate.of(2026, 6, 2), 3, true, null),
        keeper);
  }

  /** How an apiary's hives came through a winter: the fourth died of mites. */
  void wintered(String apiary, int winter, Account keeper) {
    List<UUID> hives = hives(apiary);
    List<WinterOutcomes.NewOutcome> outcomes = new ArrayList<>();
    for (int i = 0; i < hives.size(); i++) {
      boolean dead = i % 9 == 3;
      outcomes.add(
          new WinterOutcomes.NewOutcome(
              id("winter " + winter + hives.get(i)),
              hives.get(i),
              dead ? WinterOutcome.DEAD : i % 4 == 1 ? WinterOutcome.WEAK : WinterOutcome.STRONG,
              dead ? DeathSign.MITES : null,
              null));
    }
    winters.keep(winter, outcomes, keeper);
  }

  private static UUID id(String of) {
    return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8));
  }

  /** Another treatment of all hives of an apiary. */
  void strips(String apiary, LocalDate day, Account keeper) {
    register.add(
        new NewTreatment(
            hives(apiary).stream().collect(Collectors.toMap(Function.identity(), hive -> hive)),
            day,
            TreatmentKind.STRIPS,
            "strips between the combs, taken out after six weeks",
            "2 strips",
            0,
            "Strips, sample",
            "S-7",
            keeper.name(),
            SupersPlan.TAKEN_OFF,
            0,
            null,
            "",
            null),
        keeper);
  }

  /** A lot that was misread on the day, put right in one hive's line. */
  void lotPutRight(String apiary, Account keeper) {
    register.correct(
        register.latestOf(hives(apiary).get(0)).orElseThrow(),
        new Register.NewCorrection(
            UUID.randomUUID(),
            EntryField.LOT,
            "26-014",
            "26-041",
            "a new drum was begun at this hive; its lot was read again"),
        keeper);
  }

  private List<UUID> hives(String name) {
    return apiaries.all().stream()
        .filter(apiary -> apiary.name().equals(name))
        .findFirst()
        .map(apiary -> allHives.in(apiary.id()).stream().map(Hive::id).toList())
        .orElseThrow();
  }
}
