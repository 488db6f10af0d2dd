package tavrel.server.gear;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.core.burn.BurnFit;
import tavrel.core.burn.Pack;
import tavrel.core.burn.TestBurn;
import tavrel.core.burn.Tool;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** The gear: tools with their test burns, packs, and notes on them. */
@Service
public class GearService {

  private final GearMapper mapper;
  private final Clock clock;
  private final KeptWhileUnchanged<String, List<Tool>> timed;
  private final KeptWhileUnchanged<Tool, BurnFit> fits;

  GearService(GearMapper mapper, Clock clock, Changes changes) {
    timed = new KeptWhileUnchanged<>(changes, all -> readTimed(), "gear");
    fits =
        new KeptWhileUnchanged<>(
            changes, tool -> BurnFit.of(tool, mapper.burnsOf(tool.id())), "gear");
    this.mapper = mapper;
    this.clock = clock;
  }

  /** All tools, those in use first, by name. */
  public List<Tool> tools() {
    return mapper.tools();
  }

  /** Batteries and packs, by name. */
  public List<Pack> packs() {
    return mapper.packs();
  }

  /** Test burns that stand, of all tools, latest first. */
  public List<TestBurn> testBurns() {
    return mapper.burns();
  }

  /** What was seen at or done to the gear, latest first. */
  public List<GearNote> notes() {
    return mapper.notes();
  }

  /** Tools in use whose burn time is known from test burns or their own figure, by name. */
  public List<Tool> timed() {
    return timed.of("");
  }

  private List<Tool> readTimed() {
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

  /**
   * The tool with this id.
   *
   * @throws Problem 404
   */
  public Tool tool(UUID id) {
    return mapper.tool(id).orElseThrow(() -> Problem.missing(Missing.TOOL));
  }

  /** The pack that a tool runs on, if any. */
  public Optional<Pack> packOf(Tool tool) {
    return tool.packId() == null ? Optional.empty() : mapper.pack(tool.packId());
  }

  /** A tool's burn times. */
  public BurnFit fit(Tool tool) {
    return fits.of(tool);
  }

  /**
   * Keeps a tool, new or changed.
   *
   * @throws InvalidValue if its name is another's, or its pack is unknown
   */
  @Transactional
  public Tool keep(Tool tool) {
    if (mapper.toolNamed(tool.name()).filter(other -> !other.id().equals(tool.id())).isPresent()) {
      throw new InvalidValue("name", "takenByAnotherTool", "is taken by another tool");
    }
    if (tool.packId() != null && mapper.pack(tool.packId()).isEmpty()) {
      throw new InvalidValue("packId", "noPackKeptHere", "is no pack that is kept here");
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
      throw new InvalidValue("name", "takenByAnotherPack", "is taken by another pack");
    }
    mapper.keepPack(pack);
    return pack;
  }

  /** Keeps a test burn; the same id again changes nothing. */
  @Transactional
  public void keep(TestBurn burn, Account who) {
    tool(burn.toolId());
    if (burn.at().isAfter(clock.instant().plus(Duration.ofMinutes(2)))) {
      throw new InvalidValue(
          "at", "liesFutureSetDevice", "lies in the future; set the device's clock");
    }
    if (mapper.holdsBurn(burn.id()) == 0) {
      mapper.addBurn(burn, who.name());
    }
  }

  /** Strikes a test burn out; the fit forgets it. */
  @Transactional
  public void strike(UUID burnId) {
    if (mapper.strikeBurn(burnId, clock.instant()) == 0 && mapper.holdsBurn(burnId) == 0) {
      throw Problem.missing(Missing.TEST_BURN);
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
}
