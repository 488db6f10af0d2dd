/** The season plan: crews, roads, what is to be done where, the search, and what was agreed. */
@NullMarked
package tavrel.server.seasonplan;

import org.jspecify.annotations.NullMarked;
