package tavrel.core.ready;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * One line of a kit list.
 *
 * @param key short key, the same for the same thing in every list
 * @param group what it belongs to
 * @param name of the thing
 * @param amount how many or how much
 * @param why where the amount comes from; null where it goes without saying
 */
public record KitItem(String key, Group group, Fact name, Fact amount, @Nullable Fact why) {

  /** So many of a thing, which goes without saying. */
  static KitItem of(String key, Group group, Fact name, long count) {
    return new KitItem(key, group, name, number(count), null);
  }

  /** A plain number of things. */
  static Fact number(long count) {
    return Fact.of("kit.number").figure("n", count);
  }

  /** Groups, in the order in which a truck is packed. */
  public enum Group {
    PEOPLE,
    FIRE,
    ACID,
    TOOL,
    HIVES
  }
}
