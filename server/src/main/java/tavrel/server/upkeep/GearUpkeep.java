package tavrel.server.upkeep;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tavrel.core.Fact;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.BurnLine;
import tavrel.core.burn.Pack;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.core.stock.FilterWear;
import tavrel.core.stock.ToolWear;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.gear.GearNote;
import tavrel.server.gear.GearService;
import tavrel.server.parameter.OwnParameters;
import tavrel.server.register.RoundSums;
import tavrel.server.run.ToolBurns;
import tavrel.server.run.WorkHours;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** The gear with what it has been through, and what is due of it before the next round. */
@Service
public class GearUpkeep {

  private static final Instant EVER = Instant.EPOCH;

  private final GearService gear;
  private final ToolBurns toolBurns;
  private final RoundSums register;
  private final WorkHours workHours;
  private final Apiaries apiaries;
  private final OwnParameters figures;
  private final KeptWhileUnchanged<String, List<GearDue>> due;

  GearUpkeep(
      GearService gear,
      ToolBurns toolBurns,
      RoundSums register,
      WorkHours workHours,
      Apiaries apiaries,
      OwnParameters figures,
      Changes changes) {
    due =
        new KeptWhileUnchanged<>(
            changes,
            all -> List.copyOf(readDue()),
            "run",
            "gear",
            "register",
            "apiary",
            "parameter");
    this.gear = gear;
    this.toolBurns = toolBurns;
    this.register = register;
    this.workHours = workHours;
    this.apiaries = apiaries;
    this.figures = figures;
  }

  /**
   * A tool with everything known of it.
   *
   * @param tool the tool
   * @param fit burn times fitted to its test burns
   * @param line the fit as it is drawn, or null where nothing was tested
   * @param burns its test burns that stand, latest first
   * @param notes what was seen at or done to it, latest first
   * @param wear what it has been through since it was looked after
   */
  public record KnownTool(
      Tool tool,
      BurnFit fit,
      @Nullable BurnLine line,
      List<TestBurn> burns,
      List<GearNote> notes,
      ToolWear wear) {}

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
   * @param name of the tool, or null where it is about the filters
   * @param says what is due
   */
  public record GearDue(@Nullable String name, Fact says) {}

  /** Everything. */
  public AllGear all() {
    List<GearNote> notes = gear.notes();
    List<TestBurn> burns = gear.testBurns();
    Instant filters =
        notes.stream()
            .filter(note -> note.kind() == GearNote.Kind.FILTERS_CHANGED)
            .map(GearNote::at)
            .findFirst()
            .orElse(null);
    return new AllGear(
        gear.tools().stream().map(tool -> known(tool, burns, notes)).toList(),
        gear.packs(),
        filters == null
            ? FilterWear.unknown(figures.own())
            : FilterWear.of(hours(filters), filters, figures.own()),
        Tool.USUAL_BOWL);
  }

  /** What is due of the gear in use. */
  public List<GearDue> due() {
    return due.of("");
  }

  private List<GearDue> readDue() {
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
          new GearDue(
              null, Fact.of("gear.changeFilters").figure("hours", Math.round(10 * hours) / 10.0)));
    }
    return due;
  }

  private KnownTool known(Tool tool, List<TestBurn> burns, List<GearNote> notes) {
    List<TestBurn> own = burns.stream().filter(burn -> burn.toolId().equals(tool.id())).toList();
    List<GearNote> ownNotes =
        notes.stream().filter(note -> tool.id().equals(note.toolId())).toList();
    Instant seals = latest(ownNotes, GearNote.Kind.SEALS_CHANGED);
    int onSeals =
        toolBurns.countSince(tool.id(), seals)
            + (int) own.stream().filter(burn -> burn.at().isAfter(seals)).count();
    BurnFit fit = BurnFit.of(tool, own);
    return new KnownTool(
        tool,
        fit,
        BurnLine.of(fit),
        own,
        ownNotes,
        ToolWear.of(
            tool, onSeals, apiariesSince(tool.id(), latest(ownNotes, GearNote.Kind.CLEANED))));
  }

  private static Instant latest(List<GearNote> notes, GearNote.Kind kind) {
    return notes.stream()
        .filter(note -> note.kind() == kind)
        .map(GearNote::at)
        .findFirst()
        .orElse(EVER);
  }

  private List<String> apiariesSince(UUID toolId, Instant since) {
    Set<UUID> there = toolBurns.apiariesSince(toolId, since);
    return there.isEmpty()
        ? List.of()
        : apiaries.all().stream()
            .filter(apiary -> there.contains(apiary.id()))
            .map(Apiary::name)
            .sorted()
            .toList();
  }

  private double hours(Instant since) {
    List<RoundSums.Worked> rounds = register.workedSince(since);
    WorkHours.Halts halts =
        workHours.ofRounds(rounds.stream().map(RoundSums.Worked::roundId).toList());
    return rounds.stream()
        .mapToDouble(worn -> halts.hours(worn.roundId(), worn.began(), worn.ended()))
        .sum();
  }
}
