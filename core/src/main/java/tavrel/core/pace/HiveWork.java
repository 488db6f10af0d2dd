package tavrel.core.pace;

import java.util.UUID;
import tavrel.core.InvalidValue;

/**
 * What one hive asks for.
 *
 * @param hiveId the hive
 * @param name what is painted on it
 * @param grams of product to burn in it, g
 * @param prepSeconds making it ready before its burn, s; 0 where nothing is to be done
 * @param cloth whether a cloth shuts it, from its burn until it is opened; without one its entrance
 *     is left open, and it is done when the tool is out
 */
public record HiveWork(UUID hiveId, String name, double grams, int prepSeconds, boolean cloth) {

  /**
   * @throws InvalidValue naming the component that cannot be
   */
  public HiveWork {
    InvalidValue.inRange("grams", grams, 0.05, 100, "g of product");
    InvalidValue.inRange("prepSeconds", prepSeconds, 0, 3_600, "s");
  }
}
