/** Tools, packs, test burns and notes on them. */
@NullMarked
package tavrel.server.gear;

import org.jspecify.annotations.NullMarked;
