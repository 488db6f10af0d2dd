package tavrel.server.hive;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.apiary.Hold;
import tavrel.server.apiary.Holds;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Apiaries, as the screens ask for them. */
@RestController
@RequestMapping("/api/apiaries")
class HiveResource {

  /**
   * An apiary in the list.
   *
   * @param apiary the apiary
   * @param hives how many stand there
   * @param hold the order that it is under, or null
   */
  record ListedApiary(Apiary apiary, int hives, @Nullable Hold hold) {}

  /**
   * An apiary with all that stands in it.
   *
   * @param apiary the apiary
   * @param hives in walking order
   * @param hold the order that it is under, or null
   */
  record WholeApiary(Apiary apiary, List<Hive> hives, @Nullable Hold hold) {}

  /**
   * Whether an apiary is used.
   *
   * @param day since when nobody uses it, or null to open it again
   */
  record Closed(@Nullable LocalDate day) {}

  private final Apiaries apiaries;
  private final Holds holds;
  private final Hives hives;
  private final HiveEditor hiveEditor;
  private final Yards yards;
  private final HiveStays stays;
  private final Clock clock;

  HiveResource(
      Apiaries apiaries,
      Holds holds,
      Hives hives,
      HiveEditor hiveEditor,
      Yards yards,
      HiveStays stays,
      Clock clock) {
    this.apiaries = apiaries;
    this.holds = holds;
    this.hives = hives;
    this.hiveEditor = hiveEditor;
    this.yards = yards;
    this.stays = stays;
    this.clock = clock;
  }

  /** All apiaries with how many hives stand in each. */
  @GetMapping
  List<ListedApiary> all() {
    Map<UUID, Integer> counts = hives.counts();
    Map<UUID, Hold> held = holds.standing();
    return apiaries.all().stream()
        .map(
            apiary ->
                new ListedApiary(
                    apiary, counts.getOrDefault(apiary.id(), 0), held.get(apiary.id())))
        .toList();
  }

  /** An apiary with its hives in walking order. */
  @GetMapping("/{id}")
  WholeApiary one(@PathVariable UUID id) {
    return whole(apiaries.byId(id), hives.in(id));
  }

  private WholeApiary whole(Apiary apiary, List<Hive> standing) {
    return new WholeApiary(apiary, standing, holds.now(apiary.id()).orElse(null));
  }

  /**
   * Which hives stood in an apiary on a day: by what is known now, or as it was known on an earlier
   * day.
   */
  @GetMapping("/{id}/stood")
  List<HiveStays.StoodThen> stood(
      @PathVariable UUID id,
      @RequestParam LocalDate on,
      @RequestParam(required = false) @Nullable LocalDate known) {
    Apiary apiary = apiaries.byId(id);
    Instant at =
        known == null
            ? clock.instant()
            : known.plusDays(1).atStartOfDay(apiary.zoneId()).toInstant();
    return stays.stoodOn(id, on, at);
  }

  /** Opens an apiary with the hives that stand there, by hand. */
  @PutMapping("/{id}/opened")
  WholeApiary open(@PathVariable UUID id, @RequestBody Yards.NewYard yard) {
    return whole(yards.open(id, yard), hives.in(id));
  }

  /** Closes an apiary in which no hive stands for a time, or opens it again. */
  @PutMapping("/{id}/closed")
  Apiary close(@PathVariable UUID id, @RequestBody Closed closed) {
    return yards.close(id, closed.day());
  }

  /** Changes what hives have: entrances, floors, supers and other fittings. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/{id}/hive-changes")
  WholeApiary paint(
      @PathVariable UUID id,
      @RequestBody List<HiveEditor.Painted> painted,
      @AuthenticationPrincipal Account who) {
    return whole(apiaries.byId(id), hiveEditor.paint(id, painted, who));
  }

  /** Sets the order in which hives are walked. */
  @PutMapping("/{id}/walk")
  WholeApiary walk(@PathVariable UUID id, @RequestBody HiveEditor.Walk walk) {
    return whole(apiaries.byId(id), hiveEditor.walk(id, walk));
  }

  /** Adds a hive to an apiary. */
  @PutMapping("/{id}/hives/{hiveId}")
  WholeApiary addHive(
      @PathVariable UUID id, @PathVariable UUID hiveId, @RequestBody HiveEditor.NewHive hive) {
    return whole(apiaries.byId(id), hiveEditor.add(id, hiveId, hive));
  }
}
