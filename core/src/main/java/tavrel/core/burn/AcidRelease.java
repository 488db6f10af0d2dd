package tavrel.core.burn;

/** How the acid comes to the heat. */
public enum AcidRelease {
  LOADED_COLD,
  CAP_TURNED,
  PLUNGER
}
