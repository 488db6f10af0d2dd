package tavrel.server.reporting.register;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.cursor.Cursor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Hive;
import tavrel.core.register.Correction;
import tavrel.core.register.HoneyWait;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.register.Register;

/** The register to take away: as CSV, as JSON, on paper. */
@Service
class RegisterExport {

  /** More lines than this are no paper that anybody reads. */
  static final int MOST_ON_PAPER = 5_000;

  private final RegisterBookMapper mapper;
  private final RegisterBook book;
  private final Register register;
  private final Apiaries apiaries;
  private final Hives allHives;
  private final ObjectMapper json;
  private final OutfitDay day;
  private final Clock clock;

  RegisterExport(
      RegisterBookMapper mapper,
      RegisterBook book,
      Register register,
      Apiaries apiaries,
      Hives allHives,
      ObjectMapper json,
      OutfitDay day,
      Clock clock) {
    this.mapper = mapper;
    this.book = book;
    this.register = register;
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.json = json;
    this.day = day;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public void csv(RegisterFilter filter, OutputStream out) throws IOException {
    RegisterCsv csv = new RegisterCsv(out);
    writeEach(filter, csv::write);
    csv.finish();
  }

  private void writeEach(RegisterFilter filter, PipelinedWriter.Writer<RegisterEntry> writer)
      throws IOException {
    Map<UUID, List<Correction>> corrections = corrections();
    mapper.giveAtOnce(true);
    try (Cursor<TreatmentLine> lines = mapper.every(filter);
        PipelinedWriter<RegisterEntry> behind = new PipelinedWriter<>(writer)) {
      for (TreatmentLine line : lines) {
        behind.add(RegisterEntry.of(line, corrections.getOrDefault(line.id(), List.of())));
      }
      behind.finish();
    } finally {
      mapper.giveAtOnce(false);
    }
  }

  /** Read before the lines: while these are given, the session must be asked for nothing else. */
  private Map<UUID, List<Correction>> corrections() {
    return mapper.allCorrections().stream()
        .collect(
            Collectors.groupingBy(
                RegisterBookMapper.OfLine::treatmentId,
                Collectors.mapping(RegisterBookMapper.OfLine::correction, Collectors.toList())));
  }

  /** Writes {@code {"totals": …, "entries": […]}}, entry by entry. */
  @Transactional(readOnly = true)
  public void json(RegisterFilter filter, OutputStream out) throws IOException {
    try (JsonGenerator writer = json.createGenerator(out)) {
      writer.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
      writer.writeStartObject();
      writer.writeStringField("format", "tavrel-register");
      writer.writeNumberField("version", 1);
      writer.writePOJOField("totals", mapper.totals(filter));
      writer.writeArrayFieldStart("entries");
      writeEach(filter, writer::writePOJO);
      writer.writeEndArray();
      writer.writeEndObject();
    }
  }

  /** As iCalendar: a day for each apiary and means, and those from which supers may go back. */
  @Transactional(readOnly = true)
  public String calendar(RegisterFilter filter) {
    return RegisterCalendar.write(mapper.days(filter), clock.instant());
  }

  /**
   * Refuses what would be too long on paper.
   *
   * @throws Problem 409 if there are more than {@value #MOST_ON_PAPER} lines
   */
  void fitsOnPaper(RegisterFilter filter) {
    int lines = mapper.totals(filter).lines();
    if (lines > MOST_ON_PAPER) {
      throw Problem.conflict(
          "These are %,d lines; at most %,d go on paper. Choose a year, an apiary or a hive, or take them away as CSV."
              .formatted(lines, MOST_ON_PAPER));
    }
  }

  @Transactional(readOnly = true)
  public void pdf(RegisterFilter filter, OutputStream out) {
    LocalDate today = day.today();
    RegisterPdf.write(
        of(filter),
        about(filter, today),
        mapper.page(filter, MOST_ON_PAPER, 0).stream().map(book::entry).toList(),
        mapper.totals(filter),
        today,
        out);
  }

  private String of(RegisterFilter filter) {
    List<String> of = new ArrayList<>();
    if (filter.hiveId() != null) {
      Hive hive = allHives.byId(filter.hiveId());
      of.add("hive " + hive.name());
      of.add(allHives.apiaryOf(filter.hiveId()).name());
    } else if (filter.apiaryId() != null) {
      of.add(apiaries.byId(filter.apiaryId()).name());
    }
    of.add(filter.days());
    if (filter.only() != RegisterFilter.Only.ALL) {
      of.add("only lines " + filter.only().words());
    }
    return String.join(", ", of);
  }

  /** What a buyer or an inspector wants to know of one hive beside its lines. */
  private List<String> about(RegisterFilter filter, LocalDate today) {
    if (filter.hiveId() == null) {
      return List.of();
    }
    Hive hive = allHives.byId(filter.hiveId());
    HoneyWait honey =
        register.standing(allHives.apiaryIdOf(filter.hiveId()), today.getYear()).stream()
            .filter(each -> each.hiveId().equals(hive.id()))
            .findFirst()
            .map(Register.HiveStanding::honey)
            .orElse(new HoneyWait(null, false));
    String boxes = "Stands today on " + BoxNotation.write(hive.boxes()) + ", " + hive.supers();
    String wait =
        honey.from() == null
            ? "No waiting period is named by a sheet of these two years."
            : "Supers for honey may go back from " + Objects.requireNonNull(honey.from()) + ".";
    return List.of(
        boxes
            + (hive.supers() == 1 ? " super. " : " supers. ")
            + wait
            + (honey.silent() ? " A sheet is silent about it: read the label." : ""));
  }
}
