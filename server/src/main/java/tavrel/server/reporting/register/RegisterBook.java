package tavrel.server.reporting.register;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;

/** The register as it is read: lines with names, corrections beside them, and sums. */
@Service
public class RegisterBook {

  private final RegisterBookMapper mapper;

  RegisterBook(RegisterBookMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * A page of the register, latest first.
   *
   * @param lines treatments
   * @param totals sums over all pages
   * @param years from the first to the last that has treatments, latest first
   */
  public record Page(List<RegisterEntry> lines, RegisterTotals totals, List<Integer> years) {}

  /** Lines wanted, with the sums of all of them. */
  public Page page(RegisterFilter filter, int limit, int offset) {
    List<Integer> ends = mapper.firstAndLastYear();
    List<Integer> years =
        ends.isEmpty()
            ? List.of()
            : IntStream.rangeClosed(ends.get(0), ends.get(ends.size() - 1))
                .boxed()
                .sorted((one, other) -> other - one)
                .toList();
    RegisterTotals totals = mapper.totals(filter);
    return new Page(
        totals.lines() == 0
            ? List.of()
            : mapper.page(filter, limit, offset).stream().map(this::entry).toList(),
        totals,
        years);
  }

  /** Sums over some days. */
  public RegisterTotals totals(LocalDate from, LocalDate to) {
    return mapper.totals(new RegisterFilter(from, to, null, null, RegisterFilter.Only.ALL));
  }

  /** A line with its corrections. */
  RegisterEntry entry(TreatmentLine line) {
    return RegisterEntry.of(line, line.corrected() ? mapper.corrections(line.id()) : List.of());
  }

  /**
   * The line with this id.
   *
   * @throws Problem 404
   */
  RegisterEntry entry(UUID id) {
    return entry(mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.LINE)));
  }
}
