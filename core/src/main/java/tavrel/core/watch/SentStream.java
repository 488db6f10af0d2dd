package tavrel.core.watch;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;

/** Samples that a tool sends of itself. Safe for a sender and a watcher at once. */
public final class SentStream implements ToolStream {

  private static final int MOST_WAITING = 2_000;

  private final List<Sample> waiting = new ArrayList<>();

  /** Takes samples; the oldest go where nobody has asked for too long. */
  public synchronized void send(List<Sample> samples) {
    waiting.addAll(samples);
    if (waiting.size() > MOST_WAITING) {
      waiting.subList(0, waiting.size() - MOST_WAITING).clear();
    }
  }

  @Override
  public synchronized List<Sample> upTo(double seconds) {
    List<Sample> samples = List.copyOf(waiting);
    waiting.clear();
    return samples;
  }

  @Override
  public Fact says() {
    return Fact.of("stream.sent");
  }

  @Override
  public boolean standIn() {
    return false;
  }
}
