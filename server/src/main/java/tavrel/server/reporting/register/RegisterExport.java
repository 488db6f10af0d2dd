package tavrel.server.reporting.register;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.cursor.Cursor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.hive.BoxNotation;
import tavrel.core.hive.Hive;
import tavrel.core.register.Correction;
import tavrel.core.register.HoneyWait;
import tavrel.server.apiary.Apiaries;
import tavrel.server.hive.Hives;
import tavrel.server.http.Problem;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.register.Register;
import tavrel.server.words.Wording;

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
  public void csv(RegisterFilter filter, Wording words, OutputStream out) throws IOException {
    RegisterCsv csv = new RegisterCsv(out, words);
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

  /**
   * An entry with its facts in words, for programs that have no catalogue.
   *
   * @param entry the entry
   * @param labelWords what the label said of it
   * @param weatherWords where its weather came from
   * @param remarkWords its remarks
   */
  record WordedEntry(
      @JsonUnwrapped RegisterEntry entry,
      String labelWords,
      String weatherWords,
      String remarkWords) {

    static WordedEntry of(RegisterEntry entry, Wording words) {
      return new WordedEntry(
          entry,
          words.orEmpty(entry.line().labelSays()),
          words.orEmpty(entry.line().weatherFrom()),
          words.of(entry.line().remarks()));
    }
  }

  /** Writes {@code {"totals": …, "entries": […]}}, entry by entry. */
  @Transactional(readOnly = true)
  public void json(RegisterFilter filter, Wording words, OutputStream out) throws IOException {
    try (JsonGenerator writer = json.createGenerator(out)) {
      writer.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
      writer.writeStartObject();
      writer.writeStringField("format", "tavrel-register");
      writer.writeNumberField("version", 2);
      writer.writePOJOField("totals", mapper.totals(filter));
      writer.writeArrayFieldStart("entries");
      writeEach(filter, entry -> writer.writePOJO(WordedEntry.of(entry, words)));
      writer.writeEndArray();
      writer.writeEndObject();
    }
  }

  /** As iCalendar: a day for each apiary and means, and those from which supers may go back. */
  @Transactional(readOnly = true)
  public String calendar(RegisterFilter filter, Wording words) {
    return RegisterCalendar.write(mapper.days(filter), clock.instant(), words);
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
          Fact.of("refused.tooManyLines").figure("lines", lines).figure("most", MOST_ON_PAPER));
    }
  }

  @Transactional(readOnly = true)
  public void pdf(RegisterFilter filter, Wording words, OutputStream out) {
    LocalDate today = day.today();
    RegisterPdf.write(
        of(filter, words),
        about(filter, today, words),
        mapper.page(filter, MOST_ON_PAPER, 0).stream().map(book::entry).toList(),
        mapper.totals(filter),
        today,
        words,
        out);
  }

  private String of(RegisterFilter filter, Wording words) {
    List<String> of = new ArrayList<>();
    if (filter.hiveId() != null) {
      Hive hive = allHives.byId(filter.hiveId());
      of.add(words.paper("register.hive", Map.of("hive", hive.name())));
      of.add(allHives.apiaryOf(filter.hiveId()).name());
    } else if (filter.apiaryId() != null) {
      of.add(apiaries.byId(filter.apiaryId()).name());
    }
    of.add(
        filter.everyYear() ? words.paper("register.allYears") : String.valueOf(filter.fromYear()));
    if (filter.only() != RegisterFilter.Only.ALL) {
      of.add(words.paper("register.only", Map.of("only", words.of(filter.only()))));
    }
    return String.join(", ", of);
  }

  /** What a buyer or an inspector wants to know of one hive beside its lines. */
  private List<String> about(RegisterFilter filter, LocalDate today, Wording words) {
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
    LocalDate from = honey.from();
    Fact stands =
        Fact.of("paper.standsToday")
            .with("boxes", BoxNotation.told(hive.boxes()))
            .count("supers", hive.supers(), "super");
    String wait =
        from == null
            ? words.paper("register.noWait")
            : words.paper("register.supersFrom", Map.of("day", from.toString()));
    return List.of(
        words.of(stands)
            + " "
            + wait
            + (honey.silent() ? " " + words.paper("register.silent") : ""));
  }
}
