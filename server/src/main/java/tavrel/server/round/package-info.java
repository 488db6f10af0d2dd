/** A round: its dose sheet, its people check, its run log. */
@NullMarked
package tavrel.server.round;

import org.jspecify.annotations.NullMarked;
