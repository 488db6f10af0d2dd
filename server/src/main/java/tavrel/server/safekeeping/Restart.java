package tavrel.server.safekeeping;

/** Starts the application anew in the same process, once it has answered. */
public interface Restart {

  /** Closes and starts again, soon. */
  void soon();
}
