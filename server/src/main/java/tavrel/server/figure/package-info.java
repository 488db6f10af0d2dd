/** Figures of the computation, as the keeper set them. */
@NullMarked
package tavrel.server.figure;

import org.jspecify.annotations.NullMarked;
