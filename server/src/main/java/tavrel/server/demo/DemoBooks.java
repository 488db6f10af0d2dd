package tavrel.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.core.hive.Hive;
import tavrel.core.hive.SupersPlan;
import tavrel.core.register.EntryField;
import tavrel.core.register.Means;
import tavrel.server.apiary.Apiaries;
import tavrel.server.people.Account;
import tavrel.server.register.NewTreatment;
import tavrel.server.register.Register;
import tavrel.server.register.RegisterEntry;
import tavrel.server.register.RegisterFilter;

/** What the made-up outfit wrote into its books by hand. */
@Component
@Profile("demo")
class DemoBooks {

  private final Apiaries apiaries;
  private final Register register;

  DemoBooks(Apiaries apiaries, Register register) {
    this.apiaries = apiaries;
    this.register = register;
  }

  /** Another treatment of all hives of an apiary. */
  void strips(String apiary, LocalDate day, Account keeper) {
    register.add(
        new NewTreatment(
            hives(apiary).stream().collect(Collectors.toMap(Function.identity(), hive -> hive)),
            day,
            Means.STRIPS,
            "strips between the combs, taken out after six weeks",
            "2 strips",
            0,
            "Strips, sample",
            "S-7",
            keeper.name(),
            SupersPlan.TAKEN_OFF,
            0,
            null,
            ""));
  }

  /** A lot that was misread on the day, put right in one hive's line. */
  void lotPutRight(String apiary, Account keeper) {
    RegisterEntry entry =
        register
            .page(
                RegisterFilter.of(null, null, hives(apiary).get(0), RegisterFilter.Only.ALL), 1, 0)
            .lines()
            .get(0);
    register.correct(
        entry.line().id(),
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
        .map(apiary -> apiaries.hives(apiary.id()).stream().map(Hive::id).toList())
        .orElseThrow();
  }
}
