/** Every yard of the outfit in one look. */
@NullMarked
package tavrel.server.reporting.yards;

import org.jspecify.annotations.NullMarked;
