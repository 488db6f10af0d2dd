package tavrel.server.run;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Component;
import tavrel.server.pace.LastTool;
import tavrel.server.rulesheet.SheetUse;
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

/** What rounds were planned with; those thrown away are left out. */
@Component
class PlannedBefore implements LastTool, SheetUse {

  /** Rounds planned by a sheet. */
  record Planned(UUID sheetId, int rounds) {}

  /** Rounds kept. */
  @Mapper
  interface PlannedBeforeMapper {

    @Select(
        """
        select tool_id
        from round
        where apiary_id = #{apiaryId} and tool_id is not null and discarded_at is null
        order by planned_at desc
        limit 1
        """)
    Optional<UUID> lastTool(UUID apiaryId);

    @Select(
        """
        select rule_sheet_id as sheet_id, count(*) as rounds
        from round
        where discarded_at is null
        group by rule_sheet_id
        """)
    List<Planned> bySheet();
  }

  private final PlannedBeforeMapper mapper;
  private final KeptWhileUnchanged<UUID, Optional<UUID>> tools;

  PlannedBefore(PlannedBeforeMapper mapper, Changes changes) {
    this.mapper = mapper;
    tools = new KeptWhileUnchanged<>(changes, mapper::lastTool, "run");
  }

  @Override
  public Optional<UUID> of(UUID apiaryId) {
    return tools.of(apiaryId);
  }

  @Override
  public Map<UUID, Integer> roundsBySheet() {
    return mapper.bySheet().stream().collect(Collectors.toMap(Planned::sheetId, Planned::rounds));
  }
}
