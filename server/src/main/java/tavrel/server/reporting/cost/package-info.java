/** What rounds cost. */
@NullMarked
package tavrel.server.reporting.cost;

import org.jspecify.annotations.NullMarked;
