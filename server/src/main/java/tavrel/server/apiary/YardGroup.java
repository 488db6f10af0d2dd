package tavrel.server.apiary;

import java.util.List;
import java.util.UUID;

/**
 * Yards that belong together for somebody: those of a crew, of a region.
 *
 * @param name what they are called, once in the outfit
 * @param apiaryIds the yards, by their names
 */
record YardGroup(String name, List<UUID> apiaryIds) {}
