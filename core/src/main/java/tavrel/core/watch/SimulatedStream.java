package tavrel.core.watch;

import java.util.ArrayList;
import java.util.List;
import tavrel.core.Fact;

/** The shipped {@link SimulatedBowl} as a stream, two samples a second. */
public final class SimulatedStream implements ToolStream {

  private static final double SPACING = 0.5;

  private final SimulatedBowl bowl;
  private SimulatedBowl.Fault next = SimulatedBowl.Fault.NONE;

  /**
   * @param bowl just switched on
   */
  public SimulatedStream(SimulatedBowl bowl) {
    this.bowl = bowl;
  }

  /** What goes wrong with the next load. */
  public void breakNext(SimulatedBowl.Fault fault) {
    next = fault;
  }

  /** A full pack in place of the one that is in. */
  public void swapPack() {
    bowl.swapPack();
  }

  @Override
  public List<Sample> upTo(double seconds) {
    List<Sample> samples = new ArrayList<>();
    while (bowl.seconds() + SPACING <= seconds) {
      Sample sample = bowl.after(SPACING);
      if (sample != null) {
        samples.add(sample);
      }
    }
    return samples;
  }

  @Override
  public void released(double grams) {
    bowl.release(grams, next);
    next = SimulatedBowl.Fault.NONE;
  }

  @Override
  public Fact says() {
    return Fact.of("stream.simulated");
  }

  @Override
  public boolean standIn() {
    return true;
  }
}
