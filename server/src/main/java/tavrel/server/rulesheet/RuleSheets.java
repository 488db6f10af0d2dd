package tavrel.server.rulesheet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.rulesheet.ExampleSheets;
import tavrel.core.rulesheet.RuleSheet;
import tavrel.core.rulesheet.SheetLine;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.outfit.OutfitDay;

/** Rule sheets: the shipped examples and those that keepers copied from their labels. */
@Service
public class RuleSheets {

  private final RuleSheetMapper mapper;
  private final SheetUse use;
  private final OutfitDay day;
  private final Clock clock;

  RuleSheets(RuleSheetMapper mapper, SheetUse use, OutfitDay day, Clock clock) {
    this.mapper = mapper;
    this.use = use;
    this.day = day;
    this.clock = clock;
  }

  @EventListener(ContextRefreshedEvent.class)
  void ship() {
    for (RuleSheet example : ExampleSheets.all()) {
      if (mapper.byId(example.id()).isEmpty()) {
        mapper.add(example, clock.instant());
      }
    }
  }

  /**
   * A sheet as it is read on its page.
   *
   * @param sheet the sheet
   * @param lines it line by line, in words
   * @param replacedBy the version after it, or null where this is the current one
   * @param rounds planned by it
   */
  record ReadSheet(RuleSheet sheet, List<SheetLine> lines, @Nullable UUID replacedBy, int rounds) {}

  /** Sheets to choose from: the current version of each. */
  List<RuleSheet> current() {
    List<RuleSheet> all = mapper.all();
    Set<UUID> replaced =
        all.stream().map(RuleSheet::replaces).filter(Objects::nonNull).collect(Collectors.toSet());
    return all.stream().filter(sheet -> !replaced.contains(sheet.id())).toList();
  }

  /** Every version of every sheet, in words. */
  List<ReadSheet> read() {
    List<RuleSheet> all = mapper.all();
    Map<UUID, UUID> after =
        all.stream()
            .filter(sheet -> sheet.replaces() != null)
            .collect(Collectors.toMap(RuleSheet::replaces, RuleSheet::id));
    Map<UUID, Integer> used = use.roundsBySheet();
    return all.stream()
        .map(
            sheet ->
                new ReadSheet(
                    sheet,
                    SheetLine.of(sheet),
                    after.get(sheet.id()),
                    used.getOrDefault(sheet.id(), 0)))
        .toList();
  }

  /** The sheet that a keeper copied, where there is but one; null where there are more, or none. */
  public @Nullable RuleSheet onlyOwn() {
    List<RuleSheet> own = current().stream().filter(sheet -> !sheet.example()).toList();
    return own.size() == 1 ? own.get(0) : null;
  }

  /** The sheet with this id, if there is one. */
  public Optional<RuleSheet> find(UUID id) {
    return mapper.byId(id);
  }

  /**
   * The sheet with this id.
   *
   * @throws Problem 404
   */
  public RuleSheet byId(UUID id) {
    return mapper.byId(id).orElseThrow(() -> Problem.missing(Missing.RULE_SHEET));
  }

  /** Keeps a sheet that a keeper copied from a label; the same id again changes nothing. */
  @Transactional
  public RuleSheet add(RuleSheet sheet) {
    if (sheet.example()) {
      throw new InvalidValue(
          "example", "cannotSetExamplesShip", "cannot be set; examples ship with the program");
    }
    LocalDate latest = day.today().plusDays(1);
    if (sheet.copiedOn() != null
        && (sheet.copiedOn().isAfter(latest) || sheet.copiedOn().getYear() < 2000)) {
      throw new InvalidValue(
          "copiedOn",
          "liesFutureOrBefore2",
          "lies in the future or before 2000; enter the day you read the label");
    }
    Optional<RuleSheet> kept = mapper.byId(sheet.id());
    if (kept.isPresent() && !kept.get().equals(sheet)) {
      throw Problem.conflict(Fact.of("refused.sheetNeverChanges"));
    }
    if (kept.isEmpty()) {
      checkVersion(sheet);
      mapper.add(sheet, clock.instant());
    }
    return sheet;
  }

  /** A version follows the one before it, and only one version follows each. */
  private void checkVersion(RuleSheet sheet) {
    if (sheet.replaces() == null) {
      return;
    }
    RuleSheet before = byId(sheet.replaces());
    if (before.example()) {
      throw new InvalidValue(
          "replaces",
          "namesExampleMakeSheet",
          "names an example; make a sheet of your own from it");
    }
    if (sheet.version() != before.version() + 1) {
      throw new InvalidValue("version", "must", "must be {version}", (before.version() + 1));
    }
    if (mapper.replacing(before.id()).isPresent()) {
      throw Problem.conflict(Fact.of("refused.sheetEditedMeanwhile"));
    }
  }
}
