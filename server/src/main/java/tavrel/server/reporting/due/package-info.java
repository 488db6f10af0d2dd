/** What is due here and now. */
@NullMarked
package tavrel.server.reporting.due;

import org.jspecify.annotations.NullMarked;
