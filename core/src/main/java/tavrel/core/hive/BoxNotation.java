package tavrel.core.hive;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.Value;

/**
 * How keepers write a hive's brood boxes and floor in one cell of a roster: {@code deep}, {@code
 * deep 10 + medium 8}, {@code 2x deep}, {@code nucleus 5}. Case and blanks do not matter; a box
 * without a frame count has the usual one.
 */
public final class BoxNotation {

  private static final Pattern BOX =
      Pattern.compile("(?:(\\d{1,2})\\s*[x×*]?\\s*)?(\\p{L}+)\\s*(\\d{1,3})?(?:\\s*frames?)?");

  private static final Map<String, BoxKind> KINDS =
      Map.ofEntries(
          Map.entry("deep", BoxKind.DEEP),
          Map.entry("deeps", BoxKind.DEEP),
          Map.entry("medium", BoxKind.MEDIUM),
          Map.entry("mediums", BoxKind.MEDIUM),
          Map.entry("nucleus", BoxKind.NUCLEUS),
          Map.entry("nuc", BoxKind.NUCLEUS));

  private static final Map<String, Floor> FLOORS =
      Map.ofEntries(
          Map.entry("solid", Floor.SOLID),
          Map.entry("mesh tray tight", Floor.MESH_TIGHT_TRAY),
          Map.entry("mesh tight tray", Floor.MESH_TIGHT_TRAY),
          Map.entry("mesh tray loose", Floor.MESH_LOOSE_TRAY),
          Map.entry("mesh loose tray", Floor.MESH_LOOSE_TRAY),
          Map.entry("bare mesh", Floor.BARE_MESH),
          Map.entry("mesh bare", Floor.BARE_MESH));

  private BoxNotation() {}

  /**
   * Reads brood boxes, from the floor up.
   *
   * @throws InvalidValue for field {@code boxes}, saying which part was not understood
   */
  public static List<BroodBox> read(String text) {
    List<BroodBox> boxes = new ArrayList<>();
    for (String part : text.strip().toLowerCase(Locale.ROOT).split("\\s*[+/,]\\s*", -1)) {
      Matcher box = BOX.matcher(part);
      BoxKind kind = box.matches() ? KINDS.get(box.group(2)) : null;
      if (kind == null) {
        throw new InvalidValue(
            "boxes",
            "noBoxWriteDeep",
            "\"{part}\" is no box; write deep, medium or nucleus, with frames if you like: \"deep 10 + medium 8\"",
            part);
      }
      int count = box.group(1) == null ? 1 : Integer.parseInt(box.group(1));
      int frames = box.group(3) == null ? kind.usualFrames() : Integer.parseInt(box.group(3));
      InvalidValue.inRange("boxes", boxes.size() + count, 1, Hive.MOST_BOXES, "brood boxes");
      BroodBox read = new BroodBox(kind, frames);
      for (int i = 0; i < count; i++) {
        boxes.add(read);
      }
    }
    return List.copyOf(boxes);
  }

  /** Like boxes that stand on each other. */
  private record Pile(BroodBox box, int boxes) {}

  private static List<Pile> piles(List<BroodBox> boxes) {
    List<Pile> piles = new ArrayList<>();
    for (BroodBox box : boxes) {
      Pile top = piles.isEmpty() ? null : piles.get(piles.size() - 1);
      if (top != null && top.box().equals(box)) {
        piles.set(piles.size() - 1, new Pile(box, top.boxes() + 1));
      } else {
        piles.add(new Pile(box, 1));
      }
    }
    return piles;
  }

  /** Brood boxes from the floor up, as they are told: like ones together. */
  public static Value told(List<BroodBox> boxes) {
    return new Value.Sum(piles(boxes).stream().<Value>map(BoxNotation::told).toList());
  }

  private static Value told(Pile pile) {
    Fact boxes =
        pile.boxes() == 1
            ? Fact.of("hive.box")
            : Fact.of("hive.boxes").figure("count", pile.boxes());
    return new Value.Said(
        boxes.word("kind", pile.box().kind()).figure("frames", pile.box().frames()));
  }

  /** Writes brood boxes as {@link #read} takes them: {@code 2x deep 10 + medium 8}. */
  public static String write(List<BroodBox> boxes) {
    return piles(boxes).stream().map(BoxNotation::written).collect(Collectors.joining(" + "));
  }

  private static String written(Pile pile) {
    return (pile.boxes() > 1 ? pile.boxes() + "x " : "")
        + pile.box().kind().written()
        + " "
        + pile.box().frames();
  }

  /**
   * Reads a floor: solid, mesh with the tray tight or loose, or bare mesh. Plain "mesh" is refused,
   * since the tray decides how much vapour stays.
   *
   * @throws InvalidValue for field {@code floor}
   */
  public static Floor readFloor(String text) {
    String words =
        text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ").replace(" with ", " ").strip();
    Floor floor = FLOORS.get(words);
    if (floor == null) {
      throw new InvalidValue(
          "floor",
          "noFloorWriteSolid",
          "\"{text}\" is no floor; write solid, mesh tray tight, mesh tray loose or bare mesh",
          text.strip());
    }
    return floor;
  }
}
