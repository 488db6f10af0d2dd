package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;
import tavrel.core.burn.ToolFamily;

/** The usual cautions, in short, for a sheet that goes to the yard. */
public final class Cautions {

  private Cautions() {}

  /** Cautions for a tool of this family; label and local rules always go before them. */
  public static List<Fact> of(ToolFamily family) {
    List<Fact> cautions = new ArrayList<>();
    cautions.add(Fact.of("caution.protection"));
    cautions.add(Fact.of("caution.upwind"));
    cautions.add(
        switch (family) {
          case PAN_WAND -> Fact.of("caution.panCold");
          case HEATED_BOWL -> Fact.of("caution.nozzleIn");
        });
    cautions.add(Fact.of("caution.fire"));
    cautions.add(Fact.of("caution.exposed"));
    cautions.add(Fact.of("caution.labelDecides"));
    return List.copyOf(cautions);
  }
}
