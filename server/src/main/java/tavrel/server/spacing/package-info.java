/** The bench on which rounds are spaced. */
@NullMarked
package tavrel.server.spacing;

import org.jspecify.annotations.NullMarked;
