package tavrel.core.pace;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tavrel.core.Worded;

/**
 * How long a round takes with what there is, and what one more of it would gain.
 *
 * <p>More tools, people or cloths can make a plain play-through later, since whoever is free takes
 * what is at hand. A crew would then leave the surplus in the truck, so every smaller set-up is
 * played too, and the best is told. One more of anything therefore never makes the finish later.
 *
 * @param pace the best play-through
 * @param toolsUsed tools in it
 * @param crewUsed people in it
 * @param mostShut cloths that it may use at once
 * @param savings what one more would save, most first; those that save nothing come last
 */
public record RunLength(
    Pace pace, int toolsUsed, Crew crewUsed, int mostShut, List<Saving> savings) {

  /** What there can be more of. */
  public enum More implements Worded {
    TOOL,
    HELPER,
    BURNER,
    TOOL_AND_BURNER,
    CLOTHS
  }

  /**
   * What one more saves.
   *
   * @param more of what
   * @param saved s; 0 where it saves nothing
   */
  public record Saving(More more, int saved) {}

  private static final int MORE_CLOTHS = 5;
  private static final int MOST_PEOPLE = 4;

  /** The best that can be done with a set-up, with what more would gain. */
  public static RunLength of(RunSetUp setUp) {
    RunLength best = best(setUp);
    List<Saving> savings = new ArrayList<>();
    for (More more : More.values()) {
      RunSetUp other = with(setUp, more);
      if (other != null) {
        Pace pace = best(other).pace();
        int saved =
            pace.unfinished() == best.pace().unfinished()
                ? Math.max(0, best.pace().finish() - pace.finish())
                : 0;
        savings.add(new Saving(more, saved));
      }
    }
    savings.sort((a, b) -> Integer.compare(b.saved(), a.saved()));
    return new RunLength(
        best.pace(), best.toolsUsed(), best.crewUsed(), best.mostShut(), List.copyOf(savings));
  }

  /** One play-through with everything in use at once. */
  public static Pace plain(RunSetUp setUp) {
    Pace pace = new RunSimulation(setUp, setUp.cloths(), Integer.MAX_VALUE).play();
    if (pace == null) {
      throw new IllegalStateException("a run without an end to its patience was given up");
    }
    return pace;
  }

  /** The best without asking what more would gain. */
  public static RunLength best(RunSetUp setUp) {
    Search search = new Search();
    for (List<ToolAtWork> tools : subsets(setUp.tools())) {
      for (int burners = setUp.crew().burners(); burners >= 1; burners--) {
        for (int helpers = setUp.crew().helpers(); helpers >= 0; helpers--) {
          search.tryAll(setUp.withTools(tools).with(new Crew(burners, helpers)));
        }
      }
    }
    return search.found();
  }

  /** All different choices of tools, the largest first. */
  private static List<List<ToolAtWork>> subsets(List<ToolAtWork> tools) {
    Set<List<ToolAtWork>> found = new HashSet<>();
    List<List<ToolAtWork>> list = new ArrayList<>();
    for (int bits = (1 << tools.size()) - 1; bits > 0; bits--) {
      List<ToolAtWork> some = new ArrayList<>();
      List<ToolAtWork> alike = new ArrayList<>();
      for (int i = 0; i < tools.size(); i++) {
        if ((bits & 1 << i) != 0) {
          ToolAtWork tool = tools.get(i);
          some.add(tool);
          alike.add(tool.nameless());
        }
      }
      if (found.add(alike)) {
        list.add(some);
      }
    }
    list.sort((a, b) -> Integer.compare(b.size(), a.size()));
    return list;
  }

  private static @Nullable RunSetUp with(RunSetUp setUp, More more) {
    Crew crew = setUp.crew();
    boolean roomToBurn = crew.burners() < MOST_PEOPLE;
    Crew burner = roomToBurn ? new Crew(crew.burners() + 1, crew.helpers()) : crew;
    RunSetUp tool = setUp.oneMoreTool();
    return switch (more) {
      case TOOL -> tool;
      case HELPER ->
          crew.helpers() < MOST_PEOPLE
              ? setUp.with(new Crew(crew.burners(), crew.helpers() + 1))
              : null;
      case BURNER -> roomToBurn ? setUp.with(burner) : null;
      case TOOL_AND_BURNER -> roomToBurn && tool != null ? tool.with(burner) : null;
      case CLOTHS -> setUp.withCloths(setUp.cloths() + MORE_CLOTHS);
    };
  }

  /** Keeps the best of all that was tried. */
  private static final class Search {
    private @Nullable RunLength best;

    /** Plays a set-up with every number of cloths that could be better than the best so far. */
    void tryAll(RunSetUp setUp) {
      int cloths = Math.min(setUp.cloths(), setUp.hives().size());
      while (cloths >= 1 && Bound.of(setUp, cloths) <= patience()) {
        Pace pace = new RunSimulation(setUp, cloths, patience()).play();
        if (pace == null) {
          cloths--;
          continue;
        }
        if (isBetter(pace)) {
          best = new RunLength(pace, setUp.tools().size(), setUp.crew(), cloths, List.of());
        }
        cloths = Math.min(cloths, pace.mostShut()) - 1;
      }
    }

    RunLength found() {
      if (best == null) {
        throw new IllegalStateException("nothing was tried");
      }
      return best;
    }

    /** A run that has not ended by then cannot be better. */
    private int patience() {
      return best == null || best.pace().unfinished() > 0
          ? Integer.MAX_VALUE
          : best.pace().finish() - 1;
    }

    private boolean isBetter(Pace pace) {
      if (best == null || pace.unfinished() != best.pace().unfinished()) {
        return best == null || pace.unfinished() < best.pace().unfinished();
      }
      return pace.finish() < best.pace().finish();
    }
  }
}
