package tavrel.server.apiary;

/** Where an apiary's time zone comes from. */
public enum ZoneFrom {
  /** Found from its coordinates. */
  PLACE,
  /** Somebody said so. */
  PERSON,
  /** Taken from the device that brought it in, since nobody has said where it is. */
  DEVICE
}
