/** Tools, their test burns and the burn time fitted to them (handbook 1.5, 2.3). */
@NullMarked
package tavrel.core.burn;

import org.jspecify.annotations.NullMarked;
