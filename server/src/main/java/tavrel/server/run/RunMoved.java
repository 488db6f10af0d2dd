package tavrel.server.run;

import java.util.List;
import java.util.UUID;
import tavrel.core.run.RunEvent;

/**
 * Something was kept in a run's log; told after it is safe.
 *
 * @param roundId the round
 * @param events those that were new, in order of happening
 */
public record RunMoved(UUID roundId, List<RunEvent> events) {}
