package tavrel.core;

import java.util.ArrayList;
import java.util.List;

/** What a fact tells, as the codes that it is made of: its own, and those of what it speaks of. */
public final class Codes {

  private Codes() {}

  /** Its code, then those of the facts within it. */
  public static List<String> of(Fact fact) {
    List<String> codes = new ArrayList<>();
    codes.add(fact.code());
    fact.values().values().forEach(value -> add(codes, value));
    return codes;
  }

  private static void add(List<String> codes, Value value) {
    if (value instanceof Value.Said said) {
      codes.addAll(of(said.fact()));
    } else if (value instanceof Value.All all) {
      all.all().forEach(each -> add(codes, each));
    } else if (value instanceof Value.Sum sum) {
      sum.sum().forEach(each -> add(codes, each));
    }
  }
}
