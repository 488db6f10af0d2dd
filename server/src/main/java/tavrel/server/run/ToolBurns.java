package tavrel.server.run;

import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;

/** Burns by the tool that burned, in rounds that it was planned for or came along to. */
@Service
public class ToolBurns {

  /** Burns kept. */
  @Mapper
  interface ToolBurnMapper {

    @Select("select count(*) from tool_burn where tool_id = #{toolId} and at > #{since}")
    int count(UUID toolId, Instant since);

    @Select("select distinct apiary_id from tool_burn where tool_id = #{toolId} and at > #{since}")
    Set<UUID> apiaries(UUID toolId, Instant since);
  }

  private final ToolBurnMapper mapper;

  ToolBurns(ToolBurnMapper mapper) {
    this.mapper = mapper;
  }

  /** Burns that a tool ended since a moment. */
  public int countSince(UUID toolId, Instant since) {
    return mapper.count(toolId, since);
  }

  /** Apiaries that a tool has burned in since a moment. */
  public Set<UUID> apiariesSince(UUID toolId, Instant since) {
    return mapper.apiaries(toolId, since);
  }
}
