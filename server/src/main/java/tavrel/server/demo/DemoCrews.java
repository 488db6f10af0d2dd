package tavrel.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import tavrel.server.outfit.Depot;
import tavrel.server.seasonplan.Crews;
import tavrel.server.seasonplan.OutfitCrew;

/** The made-up outfit's barn and its crews. */
@Component
@Profile("demo")
class DemoCrews {

  private static final List<String> NAMES = List.of("Gannet", "Petrel", "Dunlin", "Knot");

  private final Crews crews;

  DemoCrews(Crews crews) {
    this.crews = crews;
  }

  /** Two, each with the tools that were timed. */
  void add() {
    barn();
    crews.keep(crew("Gannet", List.of(DemoGear.BOWL), 2, 1));
    crews.keep(crew("Petrel", List.of(DemoGear.PAN, DemoGear.PAN), 1, 1));
  }

  /** As many as have a bowl each. */
  void addWithBowls(List<UUID> bowls) {
    barn();
    for (int i = 0; i < bowls.size(); i++) {
      crews.keep(crew(NAMES.get(i), List.of(bowls.get(i)), 2, 1));
    }
  }

  private void barn() {
    crews.keep(new Depot("Barn", 47.628, -24.322, DemoRoster.ZONE));
  }

  private static OutfitCrew crew(String name, List<UUID> tools, int burners, int helpers) {
    return new OutfitCrew(
        UUID.nameUUIDFromBytes(("demo crew " + name).getBytes(StandardCharsets.UTF_8)),
        name,
        LocalTime.of(3, 30),
        LocalTime.of(22, 30),
        600,
        burners,
        helpers,
        24,
        tools,
        null,
        List.of(),
        List.of());
  }
}
