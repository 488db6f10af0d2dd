/** How well a hive holds its vapour, and what to shut first (handbook 2.4). Model estimates. */
@NullMarked
package tavrel.core.seal;

import org.jspecify.annotations.NullMarked;
