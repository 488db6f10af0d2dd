package tavrel.core.ready;

/**
 * One line of a kit list.
 *
 * @param key short key, the same for the same thing in every list
 * @param group what it belongs to
 * @param name of the thing
 * @param amount how many or how much, in words
 * @param why where the amount comes from; empty where it goes without saying
 */
public record KitItem(String key, Group group, String name, String amount, String why) {

  /** Groups, in the order in which a truck is packed. */
  public enum Group {
    PEOPLE("for people"),
    FIRE("against fire"),
    ACID("acid and measuring"),
    TOOL("tool and power"),
    HIVES("for the hives");

    private final String words;

    Group(String words) {
      this.words = words;
    }

    /** Its name on screen. */
    public String words() {
      return words;
    }
  }
}
