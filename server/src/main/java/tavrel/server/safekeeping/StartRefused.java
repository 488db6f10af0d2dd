package tavrel.server.safekeeping;

/** Why the server does not start, and what to do, in words for whoever started it. */
public final class StartRefused extends RuntimeException {

  private static final long serialVersionUID = 1L;

  /**
   * @param says one or two sentences
   */
  public StartRefused(String says) {
    super(says);
  }
}
