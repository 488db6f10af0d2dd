package tavrel.core.hive;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * One colony's chamber.
 *
 * @param id key, made when the hive is first entered
 * @param name what is painted on it; unique in its apiary
 * @param row which row of the apiary it stands in, from 1
 * @param place position in the walking order of the whole apiary, from 1
 * @param boxes brood boxes from the floor up; at least one
 * @param supers honey supers on it now
 * @param floor what closes it below
 * @param fittings everything else about how it stands
 * @param since the day since which it stands, or null where nobody said
 * @param line of its bees, as the keeper calls it, or null
 */
public record Hive(
    UUID id,
    String name,
    int row,
    int place,
    List<BroodBox> boxes,
    int supers,
    Floor floor,
    Fittings fittings,
    @Nullable LocalDate since,
    @Nullable String line) {

  /** Most brood boxes of one colony that are taken for true. */
  public static final int MOST_BOXES = 6;

  /** Most supers on one colony that are taken for true. */
  public static final int MOST_SUPERS = 12;

  /** Highest position in an apiary. */
  public static final int LAST_PLACE = 9_999;

  /** Most rows in one apiary. */
  public static final int MOST_ROWS = 99;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Hive {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("row", row, 1, MOST_ROWS, "as a row");
    InvalidValue.inRange("place", place, 1, LAST_PLACE, "in the row");
    boxes = List.copyOf(boxes);
    InvalidValue.inRange("boxes", boxes.size(), 1, MOST_BOXES, "brood boxes");
    InvalidValue.inRange("supers", supers, 0, MOST_SUPERS, "supers");
    line = line == null || line.isBlank() ? null : InvalidValue.text("line", line, 60);
  }

  /** A hive as a roster tells it: in the first row, with the usual fittings. */
  public static Hive ofRoster(
      UUID id, String name, int place, List<BroodBox> boxes, int supers, Floor floor) {
    return new Hive(id, name, 1, place, boxes, supers, floor, Fittings.USUAL, null, null);
  }

  /** Space inside the brood boxes, litres. */
  public double broodLitres() {
    return boxes.stream().mapToDouble(BroodBox::litres).sum();
  }

  /** Frames side by side on the floor: the lowest box decides how wide floor and entrance are. */
  public int framesWide() {
    return boxes.get(0).frames();
  }

  /** The same hive in the row and with the fittings of another: what a roster does not tell. */
  public Hive fittedAs(Hive other) {
    return new Hive(
        id,
        name,
        other.row,
        place,
        boxes,
        supers,
        floor,
        other.fittings,
        since == null ? other.since : since,
        line == null ? other.line : line);
  }

  /** The same under the key by which it is known. */
  public Hive keptAs(UUID known) {
    return new Hive(known, name, row, place, boxes, supers, floor, fittings, since, line);
  }

  /** The same hive over another floor. */
  public Hive with(Floor other) {
    return new Hive(id, name, row, place, boxes, supers, other, fittings, since, line);
  }

  /** The same hive standing otherwise. */
  public Hive with(Fittings other) {
    return new Hive(id, name, row, place, boxes, supers, floor, other, since, line);
  }

  /** The same hive with another number of supers. */
  public Hive withSupers(int other) {
    return new Hive(id, name, row, place, boxes, other, floor, fittings, since, line);
  }

  /** The same hive at another place of the walk. */
  public Hive at(int otherRow, int otherPlace) {
    return new Hive(id, name, otherRow, otherPlace, boxes, supers, floor, fittings, since, line);
  }

  /** The same hive standing since another day. */
  public Hive since(@Nullable LocalDate other) {
    return new Hive(id, name, row, place, boxes, supers, floor, fittings, other, line);
  }

  /** The same hive with bees of another line. */
  public Hive ofLine(@Nullable String other) {
    return new Hive(id, name, row, place, boxes, supers, floor, fittings, since, other);
  }

  /**
   * Refuses a day on which it did not stand yet.
   *
   * @param field what the day was given as
   * @throws InvalidValue if it is known since when it stands, and that is later
   */
  public void refuseBefore(String field, LocalDate day) {
    if (since != null && day.isBefore(since)) {
      throw new InvalidValue(
          field,
          "tooEarlyStandsHere",
          "{day} is too early: {value} stands here since {since}",
          day,
          name,
          since);
    }
  }
}
