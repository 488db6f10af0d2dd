package tavrel.core.watch;

import java.util.Comparator;
import java.util.List;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;

/** A recorded trace, played again as fast as it was recorded. */
public final class TraceStream implements ToolStream {

  /** Longest trace, in samples: a day at two a second. */
  public static final int MOST_SAMPLES = 172_800;

  private final List<Sample> samples;
  private final String name;
  private int next;

  /**
   * @param samples in any order
   * @param name of the trace, for the screen
   * @throws InvalidValue if there are none, or too many
   */
  public TraceStream(List<Sample> samples, String name) {
    InvalidValue.inRange("samples", samples.size(), 1, MOST_SAMPLES, "samples");
    this.samples = samples.stream().sorted(Comparator.comparingDouble(Sample::seconds)).toList();
    this.name = name;
  }

  @Override
  public List<Sample> upTo(double seconds) {
    double first = samples.get(0).seconds();
    int from = next;
    while (next < samples.size() && samples.get(next).seconds() - first <= seconds) {
      next++;
    }
    return samples.subList(from, next).stream()
        .map(each -> new Sample(each.seconds() - first, each.celsius(), each.volts()))
        .toList();
  }

  @Override
  public Fact says() {
    return Fact.of("stream.trace").text("name", name);
  }

  @Override
  public boolean standIn() {
    return true;
  }
}
