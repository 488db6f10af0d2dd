package tavrel.core.register;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tavrel.core.Fact;

/**
 * A register entry with its corrections: what was recorded, and what holds.
 *
 * @param recorded every field that the entry has, as first recorded
 * @param corrections in the order in which they were written
 */
public record CorrectedEntry(Map<EntryField, String> recorded, List<Correction> corrections) {

  public CorrectedEntry {
    recorded = Collections.unmodifiableMap(new EnumMap<>(recorded));
    corrections = List.copyOf(corrections);
  }

  /** What holds in a field: the last correction's word, else what was recorded. */
  public String holds(EntryField field) {
    String now = recorded.getOrDefault(field, "");
    for (Correction each : corrections) {
      if (each.field() == field) {
        now = each.becomes();
      }
    }
    return now;
  }

  /** Whether the entry counts: nobody struck it out, or somebody put it back. */
  public boolean stands() {
    return holds(EntryField.STANDS).equals(EntryField.YES);
  }

  /**
   * Grams of acid dihydrate that hold. Grams of product follow in the proportion in which they were
   * recorded.
   */
  public double acid() {
    return Double.parseDouble(holds(EntryField.GRAMS));
  }

  /** The fields that hold something else than was recorded, with what holds. */
  public Map<EntryField, String> changed() {
    Map<EntryField, String> changed = new EnumMap<>(EntryField.class);
    for (EntryField field : recorded.keySet()) {
      if (!holds(field).equals(recorded.get(field))) {
        changed.put(field, holds(field));
      }
    }
    return Collections.unmodifiableMap(changed);
  }

  /**
   * Why a correction cannot be added, or empty if it can: somebody else's has come between, the
   * entry has no such field, or the entry is struck out.
   */
  public Optional<Fact> refusal(Correction next) {
    if (!recorded.containsKey(next.field())) {
      return Optional.of(Fact.of("refused.noSuchField").word("field", next.field()));
    }
    if (!holds(next.field()).equals(next.was())) {
      return Optional.of(
          Fact.of("refused.correctedMeanwhile")
              .word("field", next.field())
              .text("now", holds(next.field())));
    }
    if (!stands() && next.field() != EntryField.STANDS) {
      return Optional.of(Fact.of("refused.struckOut"));
    }
    return Optional.empty();
  }
}
