package tavrel.core.life;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.hive.BroodBox;
import tavrel.core.hive.Hive;

/** What happens in the life of a hive after it has begun. */
public sealed interface LifeEvent {

  /**
   * It stands in another apiary from that day on.
   *
   * @param apiaryId where
   */
  record Moved(UUID apiaryId) implements LifeEvent {}

  /**
   * It is called otherwise from that day on; the old name is still found.
   *
   * @param name what is painted on it now
   */
  record Renamed(String name) implements LifeEvent {

    /**
     * @throws InvalidValue if it is no name
     */
    public Renamed {
      name = InvalidValue.text("name", name, 60);
    }
  }

  /**
   * Something happened to its queen.
   *
   * @param change what
   * @param year in which she hatched, or null
   * @param mark how she is marked, or null
   * @param line of her bees, or null
   */
  record QueenChanged(
      QueenChange change, @Nullable Integer year, @Nullable String mark, @Nullable String line)
      implements LifeEvent {

    /**
     * @throws InvalidValue if the year cannot be, or a lost queen is described
     */
    public QueenChanged {
      if (year != null) {
        InvalidValue.inRange("queenYear", year, 1990, 2200, "as a year");
      }
      mark = orNull("mark", mark);
      line = orNull("line", line);
      boolean gone = change == QueenChange.LOST || change == QueenChange.FOUND_WITHOUT;
      if (gone && (year != null || mark != null || line != null)) {
        throw new InvalidValue(
            "change",
            "lostQueenDescribed",
            "says that there is none; leave year, mark and line empty");
      }
    }
  }

  /**
   * Its bees were put into another hive: it ends, and the other one takes on the stricter of both
   * label counts and honey waits.
   *
   * @param hiveId the other
   */
  record UnitedInto(UUID hiveId) implements LifeEvent {}

  /**
   * It leaves the outfit.
   *
   * @param how in which way
   * @param sign what a dead-out shows, or null
   * @param says to whom, from where, whatever else is worth a word; or null
   */
  record Ended(EndKind how, @Nullable DeadOutSign sign, @Nullable String says)
      implements LifeEvent {

    /**
     * @throws InvalidValue if signs of death are told of one that lives on elsewhere
     */
    public Ended {
      says = orNull("says", says);
      if (sign != null && how != EndKind.DIED) {
        throw new InvalidValue(
            "sign", "signOfTheLiving", "is what a dead colony shows; leave it empty here");
      }
    }
  }

  /**
   * Boxes or supers were put on, taken off or brought from another hive: so it stands from that day
   * on.
   *
   * @param boxes brood boxes from the floor up
   * @param supers honey supers on it
   * @param supersFromId the hive that supers came from, with the wait for their honey; or null
   */
  record SetUp(List<BroodBox> boxes, int supers, @Nullable UUID supersFromId) implements LifeEvent {

    /**
     * @throws InvalidValue if no hive stands so
     */
    public SetUp {
      boxes = List.copyOf(boxes);
      InvalidValue.inRange("boxes", boxes.size(), 1, Hive.MOST_BOXES, "brood boxes");
      InvalidValue.inRange("supers", supers, 0, Hive.MOST_SUPERS, "supers");
    }

    /**
     * How it stands once some of its supers went to another hive.
     *
     * @throws InvalidValue at {@code supers} if there are not so many on it
     */
    public SetUp givesSupers(int number) {
      InvalidValue.inRange("supers", number, 1, supers, "supers");
      return new SetUp(boxes, supers - number, null);
    }

    /**
     * How it stands once supers came from another hive, with the wait for their honey.
     *
     * @throws InvalidValue at {@code supers} if no hive has as many
     */
    public SetUp takesSupers(int number, UUID from) {
      InvalidValue.inRange("supers", number, 1, Hive.MOST_SUPERS, "supers");
      return new SetUp(boxes, supers + number, from);
    }

    /** Whether it is the same whoever brought supers. */
    public boolean standsAs(SetUp other) {
      return supers == other.supers && boxes.equals(other.boxes);
    }
  }

  /** Whether no more of its life comes after this. */
  default boolean ends() {
    return this instanceof Ended || this instanceof UnitedInto;
  }

  private static @Nullable String orNull(String field, @Nullable String text) {
    return text == null || text.isBlank() ? null : InvalidValue.text(field, text, 200);
  }
}
