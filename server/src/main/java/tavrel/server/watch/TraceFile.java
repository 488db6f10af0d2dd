package tavrel.server.watch;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.watch.Sample;
import tavrel.core.watch.TraceStream;
import tavrel.server.table.TableText;

/**
 * A recorded trace of a tool: seconds, bowl in °C and, where it has a pack, volts; one row each.
 */
final class TraceFile {

  private static final int MOST_BAD = 5;

  private TraceFile() {}

  /**
   * Reads it. A first row of headings may stand there or not.
   *
   * @throws InvalidValue at {@code file}, naming the line, if a row is no sample
   */
  static List<Sample> read(byte[] bytes) {
    return TableText.of(bytes).read(TraceFile::samples);
  }

  private static List<Sample> samples(CSVParser rows) {
    List<Sample> samples = new ArrayList<>();
    List<String> bad = new ArrayList<>();
    for (CSVRecord row : rows) {
      if (samples.isEmpty()
          && bad.isEmpty()
          && number(row, 0) == null
          && row.getRecordNumber() == 1) {
        continue;
      }
      take(row, samples, bad);
      if (samples.size() > TraceStream.MOST_SAMPLES || bad.size() > MOST_BAD) {
        break;
      }
    }
    if (!bad.isEmpty()) {
      throw new InvalidValue(
          "file", "hasRowsAreNo", "has rows that are no samples: {bad}", String.join("; ", bad));
    }
    if (samples.isEmpty()) {
      throw new InvalidValue(
          "file", "hasNoSamplesEach", "has no samples; each row is seconds, °C, volts");
    }
    return samples;
  }

  private static void take(CSVRecord row, List<Sample> samples, List<String> bad) {
    Double seconds = number(row, 0);
    Double celsius = number(row, 1);
    boolean voltsGiven = row.size() > 2 && !row.get(2).isBlank();
    Double volts = voltsGiven ? number(row, 2) : null;
    if (seconds == null || celsius == null || (voltsGiven && volts == null)) {
      bad.add("line " + row.getRecordNumber() + " needs seconds, °C and, where known, volts");
      return;
    }
    try {
      samples.add(new Sample(seconds, celsius, volts));
    } catch (InvalidValue outside) {
      bad.add(
          "line " + row.getRecordNumber() + ": " + outside.field() + " " + outside.getMessage());
    }
  }

  private static @Nullable Double number(CSVRecord row, int column) {
    if (row.size() <= column) {
      return null;
    }
    try {
      return Double.valueOf(row.get(column).strip().replace(',', '.'));
    } catch (NumberFormatException none) {
      return null;
    }
  }
}
