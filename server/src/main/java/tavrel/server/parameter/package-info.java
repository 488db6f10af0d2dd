/** Figures of the computation, as the keeper set them. */
@NullMarked
package tavrel.server.parameter;

import org.jspecify.annotations.NullMarked;
