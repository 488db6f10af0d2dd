package tavrel.core.hive;

import tavrel.core.Worded;

/** Where a bowl's nozzle goes in. */
public enum Port implements Worded {
  NONE,
  FRONT_ENTRANCE,
  BACK,
  RACK,
  UPPER_BOX;

  /** Whether it is a drilled hole that a peg or bolt plugs between visits. */
  public boolean isDrilled() {
    return this == BACK || this == RACK || this == UPPER_BOX;
  }
}
