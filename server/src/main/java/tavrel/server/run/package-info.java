/** Rounds: planned from a dose sheet, begun by a people check, worked through their log. */
@NullMarked
package tavrel.server.run;

import org.jspecify.annotations.NullMarked;
