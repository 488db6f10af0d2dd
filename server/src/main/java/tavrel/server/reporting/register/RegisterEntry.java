package tavrel.server.reporting.register;

import java.util.List;
import java.util.Map;
import tavrel.core.register.CorrectedEntry;
import tavrel.core.register.Correction;
import tavrel.core.register.EntryField;

/**
 * A line of the register with what was put right in it.
 *
 * @param line as recorded
 * @param now the fields that hold something else now
 * @param corrections in the order in which they were written
 */
record RegisterEntry(
    TreatmentLine line, Map<EntryField, String> now, List<Correction> corrections) {

  static RegisterEntry of(TreatmentLine line, List<Correction> corrections) {
    return new RegisterEntry(
        line, new CorrectedEntry(line.recorded(), corrections).changed(), corrections);
  }
}
