/** What is due here and now. */
@NullMarked
package tavrel.server.today;

import org.jspecify.annotations.NullMarked;
