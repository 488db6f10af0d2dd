package tavrel.server.seasonplan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;
import tavrel.core.Worded;

/** What could be otherwise, each to be planned anew beside the plan. */
enum WhatIf implements Worded {
  AS_IT_IS,
  ONE_MORE_CREW,
  ONE_MORE_TOOL,
  WIDER_GAPS,
  LATER_START;

  private static final int WIDER = 2;
  private static final int LATER = 3;
  private static final int MOST_TOOLS = 6;

  /** The outfit, if it were so. */
  List<OutfitCrew> crews(List<OutfitCrew> crews) {
    return switch (this) {
      case ONE_MORE_CREW -> withOneMore(crews);
      case ONE_MORE_TOOL -> crews.stream().map(WhatIf::withMoreTools).toList();
      default -> crews;
    };
  }

  /** The work, if it were so. */
  List<SeriesToPlanService.Planned> work(List<SeriesToPlanService.Planned> work) {
    return switch (this) {
      case WIDER_GAPS, LATER_START -> work.stream().map(this::changed).toList();
      default -> work;
    };
  }

  private SeriesToPlanService.Planned changed(SeriesToPlanService.Planned planned) {
    SeriesToPlan toPlan = planned.toPlan();
    int wider = this == WIDER_GAPS ? WIDER : 0;
    int later = this == LATER_START ? LATER : 0;
    return new SeriesToPlanService.Planned(
        new SeriesToPlan(
            toPlan.id(),
            toPlan.apiaryId(),
            toPlan.name(),
            toPlan.rounds(),
            Math.max(1, toPlan.leastGap() - wider),
            toPlan.wantedGap(),
            toPlan.mostGap() + wider,
            toPlan.startOn().plusDays(later),
            toPlan.lastDay().plusDays(later),
            toPlan.finishBy(),
            toPlan.broodless(),
            toPlan.ruleSheetId(),
            toPlan.gramsPerBox(),
            toPlan.tool(),
            toPlan.offLabelReason()),
        planned.series(),
        planned.next(),
        planned.lastDone());
  }

  private static List<OutfitCrew> withOneMore(List<OutfitCrew> crews) {
    if (crews.isEmpty()) {
      throw new InvalidValue(
          "what", "needsCrewLikeEnter", "needs a crew to be like; enter one first");
    }
    List<OutfitCrew> more = new ArrayList<>(crews);
    more.add(with(crews.get(0), new UUID(0, 1), "one more crew", null));
    return more;
  }

  private static OutfitCrew withMoreTools(OutfitCrew crew) {
    if (crew.toolIds().isEmpty() || crew.toolIds().size() == MOST_TOOLS) {
      return crew;
    }
    List<UUID> tools = new ArrayList<>(crew.toolIds());
    tools.add(crew.toolIds().get(0));
    return with(crew, crew.id(), crew.name(), tools);
  }

  private static OutfitCrew with(
      OutfitCrew crew, UUID id, String name, @Nullable List<UUID> tools) {
    return new OutfitCrew(
        id,
        name,
        crew.leavesFrom(),
        crew.backBy(),
        crew.longestMinutes(),
        crew.burners(),
        crew.helpers(),
        crew.cloths(),
        tools == null ? crew.toolIds() : tools,
        crew.minutesPerHive(),
        crew.off(),
        crew.memberIds());
  }
}
