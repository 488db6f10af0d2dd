package tavrel.server.pace;

import java.util.Optional;
import java.util.UUID;

/** With which tool of the gear an apiary was worked last; told by whoever plans its rounds. */
public interface LastTool {

  /** The tool of the latest round planned in an apiary. */
  Optional<UUID> of(UUID apiaryId);
}
