package tavrel.core.stock;

/** What wears out or is used up beside the acid, by the piece. */
public enum SupplyKind {
  SEALS,
  FILTERS,
  CAPS,
  CLOTHS
}
