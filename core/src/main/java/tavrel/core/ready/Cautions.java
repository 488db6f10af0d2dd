package tavrel.core.ready;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.burn.ToolFamily;

/** The usual cautions, in short, for a sheet that goes to the yard. */
public final class Cautions {

  private Cautions() {}

  /** Cautions for a tool of this family; label and local rules always go before them. */
  public static List<String> of(ToolFamily family) {
    List<String> cautions = new ArrayList<>();
    cautions.add(
        "Respirator against acid gas with P100/P3, sealed goggles, acid-proof and heat-proof gloves. A dust mask is wrong.");
    cautions.add("Stand upwind, step away, never bend over the entrance. Others and animals away.");
    cautions.add(
        switch (family) {
          case PAN_WAND ->
              "Load the pan cold: acid on a hot pan flashes into the face. Never a hot pan in plastic or foam.";
          case HEATED_BOWL ->
              "Let the acid go only once the nozzle is in. Never above the maker's temperature.";
        });
    cautions.add("Water and extinguisher at hand, dry leaves away, hot tools on a rest.");
    cautions.add(
        "Exposed: fresh air, rinse eyes 15 minutes with clean water, wash skin, call the poison centre or emergency number.");
    cautions.add("The label in hand and local rules decide; estimates here are estimates.");
    return List.copyOf(cautions);
  }
}
