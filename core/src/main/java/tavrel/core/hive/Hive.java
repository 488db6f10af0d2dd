package tavrel.core.hive;

import java.util.List;
import java.util.UUID;
import tavrel.core.InvalidValue;

/**
 * One colony's chamber.
 *
 * @param id key, made when the hive is first entered
 * @param name what is painted on it; unique in its apiary
 * @param place position in the walking order of its row, from 1
 * @param boxes brood boxes from the floor up; at least one
 * @param supers honey supers on it now
 * @param floor what closes it below
 */
public record Hive(UUID id, String name, int place, List<BroodBox> boxes, int supers, Floor floor) {

  /** Most brood boxes of one colony that are taken for true. */
  public static final int MOST_BOXES = 6;

  /** Most supers on one colony that are taken for true. */
  public static final int MOST_SUPERS = 12;

  /** Highest position in a row. */
  public static final int LAST_PLACE = 9_999;

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public Hive {
    name = InvalidValue.text("name", name, 60);
    InvalidValue.inRange("place", place, 1, LAST_PLACE, "in the row");
    boxes = List.copyOf(boxes);
    InvalidValue.inRange("boxes", boxes.size(), 1, MOST_BOXES, "brood boxes");
    InvalidValue.inRange("supers", supers, 0, MOST_SUPERS, "supers");
  }
}
