/** Seal estimates of the hives as they stand. */
@NullMarked
package tavrel.server.seal;

import org.jspecify.annotations.NullMarked;
