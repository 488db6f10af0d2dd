package tavrel.core.run;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * The latest step that stands: what "undo" takes back.
 *
 * @param hiveId whose step
 * @param kind what it was; the first of its events
 * @param at when
 * @param by who
 * @param events all events of that step
 */
public record LastStep(UUID hiveId, EventKind kind, Instant at, String by, List<UUID> events) {}
