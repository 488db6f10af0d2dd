/** Hives brought in from a CSV file. */
@NullMarked
package tavrel.server.roster;

import org.jspecify.annotations.NullMarked;
