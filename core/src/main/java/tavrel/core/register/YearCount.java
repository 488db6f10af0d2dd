package tavrel.core.register;

import org.jspecify.annotations.Nullable;
import tavrel.core.Fact;

/**
 * A hive's treatments with oxalic acid in a calendar year against what a rule sheet allows.
 *
 * @param done treatments that stand
 * @param most what the sheet allows in a year, or null where it is silent
 */
public record YearCount(int done, @Nullable Integer most) {

  /** Whether there are more than the sheet allows. */
  public boolean over() {
    return most != null && done > most;
  }

  /** Whether no further one is allowed. */
  public boolean full() {
    return most != null && done >= most;
  }

  /** So many of as many as are allowed. */
  public Fact told() {
    return (most == null
            ? Fact.of("register.noMost")
            : Fact.of("register.ofMost").figure("most", most))
        .figure("done", done);
  }
}
