package tavrel.core;

import java.util.Map;

/**
 * A figure of the computation that a keeper may change in settings, with its meaning.
 *
 * @param key short key, unique among all parameters
 * @param usual value unless the keeper says otherwise
 * @param least smallest value that is taken
 * @param most largest value that is taken
 * @param unit of the three, or an empty text for a plain share
 * @param meaning what it does, in a sentence
 * @param source where the usual value comes from
 */
public record ModelParameter(
    String key,
    double usual,
    double least,
    double most,
    String unit,
    String meaning,
    FigureSource source) {

  /**
   * The keeper's value, or the usual one.
   *
   * @throws InvalidValue if the keeper's lies outside the range
   */
  public double in(Map<String, Double> own) {
    Double value = own.get(key);
    return value == null ? usual : InvalidValue.inRange(key, value, least, most, unit);
  }
}
