/** A round: its dose sheet, its people check, its run log. */
@NullMarked
package tavrel.server.run;

import org.jspecify.annotations.NullMarked;
