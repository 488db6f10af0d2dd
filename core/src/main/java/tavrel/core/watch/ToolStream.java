package tavrel.core.watch;

import java.util.List;
import tavrel.core.Fact;

/**
 * A tool that tells its temperature. This is all that a real tool has to offer: a driver for one
 * implements it, or sends the same samples over HTTP (docs/tool-stream.md). The simulated bowl and
 * a recorded trace stand in for one.
 */
public interface ToolStream {

  /**
   * What it has measured since it was asked last.
   *
   * @param seconds since the stream began
   * @return samples in order of their time, none later than {@code seconds}; empty where there is
   *     nothing new
   */
  List<Sample> upTo(double seconds);

  /**
   * The operator lets a load go. Of interest only to stand-ins that must feel it.
   *
   * @param grams of acid dihydrate
   */
  default void released(double grams) {}

  /** What it is. */
  Fact says();

  /** Whether it stands in for a tool, so that nobody takes its samples for measured ones. */
  boolean standIn();
}
