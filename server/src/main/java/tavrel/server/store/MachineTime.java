package tavrel.server.store;

import java.time.Instant;

/**
 * What this machine's own clock tells. Everything else goes by the one clock of the outfit, which
 * is made up in the demo; this is for what is done on a data folder without a server, and for
 * telling how far the two are apart.
 */
public final class MachineTime {

  private MachineTime() {}

  /** Now. */
  public static Instant now() {
    return Instant.now();
  }
}
