/** Tools, their test burns and the burn time fitted to them. */
@NullMarked
package tavrel.core.burn;

import org.jspecify.annotations.NullMarked;
