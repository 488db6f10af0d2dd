package tavrel.server.gear;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.NumberText;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Pack;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.stock.FilterWear;
import tavrel.core.stock.ToolWear;
import tavrel.server.http.Problem;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.people.Account;
import tavrel.server.run.WorkHours;

/** The gear: tools with their test burns, packs, and what is due. */
@Service
public class GearService {

  private static final Instant EVER = Instant.EPOCH;

  /** A round that was put off may have begun so many days before; more than any does. */
  private static final int LONGEST_ROUND = 60;

  private final GearMapper mapper;
  private final OwnParameters figures;
  private final WorkHours workHours;
  private final Clock clock;

  GearService(GearMapper mapper, OwnParameters figures, WorkHours workHours, Clock clock) {
    this.mapper = mapper;
    this.figures = figures;
    this.workHours = workHours;
    this.clock = clock;
  }

  /**
   * A tool with everything known of it.
   *
   * @param tool the tool
   * @param fit burn times fitted to its test burns
   * @param burns its test burns that stand, latest first
   * @param notes what was seen at or done to it, latest first
   * @param wear what it has been through since it was looked after
   */
  public record KnownTool(
      Tool tool, BurnFit fit, List<TestBurn> burns, List<GearNote> notes, ToolWear wear) {}

  /**
   * All gear.
   *
   * @param tools in use first
   * @param packs batteries and packs
   * @param filters people's respirator filters
   * @param usualBowl what a bowl is taken to do until its keeper says otherwise
   */
  public record AllGear(
      List<KnownTool> tools, List<Pack> packs, FilterWear filters, Tool.UsualBowl usualBowl) {}

  /**
   * Something to do at the gear before the next round.
   *
   * @param name of the tool, or of what else it is about
   * @param says what is due, in words
   */
  public record GearDue(String name, String says) {}

  /** Everything. */
  public AllGear all() {
    List<GearNote> notes = mapper.notes();
    List<TestBurn> burns = mapper.burns();
    Instant filters =
        notes.stream()
            .filter(note -> note.kind() == GearNote.Kind.FILTERS_CHANGED)
            .map(GearNote::at)
            .findFirst()
            .orElse(null);
    return new AllGear(
        mapper.tools().stream().map(tool -> known(tool, burns, notes)).toList(),
        mapper.packs(),
        filters == null
            ? FilterWear.unknown(figures.own())
            : FilterWear.of(hours(filters), filters, figures.own()),
        Tool.USUAL_BOWL);
  }

  /** Tools in use whose burn time is known from test burns or their own figure, by name. */
  public List<Tool> timed() {
    List<TestBurn> burns = mapper.burns();
    return mapper.tools().stream()
        .filter(tool -> !tool.retired())
        .filter(
            tool ->
                BurnFit.of(
                            tool,
                            burns.stream().filter(burn -> burn.toolId().equals(tool.id())).toList())
                        .basis()
                    != BurnFit.Basis.NOTHING)
        .toList();
  }

  /** What is due of the gear in use. */
  public List<GearDue> due() {
    AllGear all = all();
    List<GearDue> due = new ArrayList<>();
    for (KnownTool known : all.tools()) {
      if (!known.tool().retired()) {
        known.wear().due().forEach(says -> due.add(new GearDue(known.tool().name(), says)));
      }
    }
    Double hours = all.filters().hours();
    if (hours != null && all.filters().due()) {
      due.add(
          new GearDue("Filters", "change them: " + NumberText.tenths(hours) + " hours of rounds"));
    }
    return due;
  }

  /**
   * The tool with this id.
   *
   * @throws Problem 404
   */
  public Tool tool(UUID id) {
    return mapper.tool(id).orElseThrow(() -> Problem.missing("This tool"));
  }

  /** The pack that a tool runs on, if any. */
  public Optional<Pack> packOf(Tool tool) {
    return tool.packId() == null ? Optional.empty() : mapper.pack(tool.packId());
  }

  /** A tool's burn times. */
  public BurnFit fit(Tool tool) {
    return BurnFit.of(tool, mapper.burnsOf(tool.id()));
  }

  /**
   * Keeps a tool, new or changed.
   *
   * @throws InvalidValue if its name is another's, or its pack is unknown
   */
  @Transactional
  public Tool keep(Tool tool) {
    if (mapper.toolNamed(tool.name()).filter(other -> !other.id().equals(tool.id())).isPresent()) {
      throw new InvalidValue("name", "is taken by another tool");
    }
    if (tool.packId() != null && mapper.pack(tool.packId()).isEmpty()) {
      throw new InvalidValue("packId", "is no pack that is kept here");
    }
    mapper.keepTool(tool);
    return tool;
  }

  /**
   * Keeps a pack, new or changed.
   *
   * @throws InvalidValue if its name is another's
   */
  @Transactional
  public Pack keep(Pack pack) {
    if (mapper.packNamed(pack.name()).filter(other -> !other.id().equals(pack.id())).isPresent()) {
      throw new InvalidValue("name", "is taken by another pack");
    }
    mapper.keepPack(pack);
    return pack;
  }

  /** Keeps a test burn; the same id again changes nothing. */
  @Transactional
  public void keep(TestBurn burn, Account who) {
    tool(burn.toolId());
    if (burn.at().isAfter(clock.instant().plus(Duration.ofMinutes(2)))) {
      throw new InvalidValue("at", "lies in the future; set the device's clock");
    }
    if (mapper.holdsBurn(burn.id()) == 0) {
      mapper.addBurn(burn, who.name());
    }
  }

  /** Strikes a test burn out; the fit forgets it. */
  @Transactional
  public void strike(UUID burnId) {
    if (mapper.strikeBurn(burnId, clock.instant()) == 0 && mapper.holdsBurn(burnId) == 0) {
      throw Problem.missing("This test burn");
    }
  }

  /** Keeps a note on the gear. */
  @Transactional
  public void keep(UUID id, NewGearNote note, Account who) {
    if (note.toolId() != null) {
      tool(note.toolId());
    }
    mapper.keepNote(
        new GearNote(id, note.toolId(), note.kind(), note.says(), clock.instant(), who.name()));
  }

  private KnownTool known(Tool tool, List<TestBurn> burns, List<GearNote> notes) {
    List<TestBurn> own = burns.stream().filter(burn -> burn.toolId().equals(tool.id())).toList();
    List<GearNote> ownNotes =
        notes.stream().filter(note -> tool.id().equals(note.toolId())).toList();
    Instant seals = latest(ownNotes, GearNote.Kind.SEALS_CHANGED);
    int onSeals =
        mapper.useSince(tool.id(), seals).stream().mapToInt(GearMapper.Use::burns).sum()
            + (int) own.stream().filter(burn -> burn.at().isAfter(seals)).count();
    return new KnownTool(
        tool,
        BurnFit.of(tool, own),
        own,
        ownNotes,
        ToolWear.of(
            tool,
            onSeals,
            mapper.apiariesSince(tool.id(), latest(ownNotes, GearNote.Kind.CLEANED))));
  }

  private static Instant latest(List<GearNote> notes, GearNote.Kind kind) {
    return notes.stream()
        .filter(note -> note.kind() == kind)
        .map(GearNote::at)
        .findFirst()
        .orElse(EVER);
  }

  private double hours(Instant since) {
    LocalDate from = LocalDate.ofInstant(since, ZoneOffset.UTC).minusDays(LONGEST_ROUND);
    LocalDate to = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).plusDays(1);
    WorkHours.Halts halts = workHours.between(from, to);
    return mapper.wornSince(since).stream()
        .mapToDouble(worn -> halts.hours(worn.roundId(), worn.began(), worn.ended()))
        .sum();
  }
}
