/** How well a hive holds its vapour, and what to shut first. Model estimates. */
@NullMarked
package tavrel.core.seal;

import org.jspecify.annotations.NullMarked;
