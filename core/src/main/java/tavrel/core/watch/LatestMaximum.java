package tavrel.core.watch;

/**
 * The highest value of the latest seconds, kept as a falling row: what is lower and older than a
 * newcomer can never be the highest again.
 */
final class LatestMaximum {

  private final double span;
  private double[] times = new double[64];
  private double[] values = new double[64];
  private int first;
  private int size;

  /**
   * @param span how far back it looks, s
   */
  LatestMaximum(double span) {
    this.span = span;
  }

  void add(double time, double value) {
    while (size > 0 && times[first] < time - span) {
      first = (first + 1) % times.length;
      size--;
    }
    while (size > 0 && values[(first + size - 1) % times.length] <= value) {
      size--;
    }
    if (size == times.length) {
      grow();
    }
    int end = (first + size) % times.length;
    times[end] = time;
    values[end] = value;
    size++;
  }

  /** Forgets all. */
  void clear() {
    size = 0;
  }

  /** The highest; there is one once anything was added. */
  double value() {
    return values[first];
  }

  private void grow() {
    double[] moreTimes = new double[2 * times.length];
    double[] moreValues = new double[2 * times.length];
    for (int i = 0; i < size; i++) {
      moreTimes[i] = times[(first + i) % times.length];
      moreValues[i] = values[(first + i) % times.length];
    }
    times = moreTimes;
    values = moreValues;
    first = 0;
  }
}
