/** Tools, packs, test burns, and what the gear is due for. */
@NullMarked
package tavrel.server.gear;

import org.jspecify.annotations.NullMarked;
