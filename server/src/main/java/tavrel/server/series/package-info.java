/** Series adopted, their rounds, and what is re-spaced. */
@NullMarked
package tavrel.server.series;

import org.jspecify.annotations.NullMarked;
