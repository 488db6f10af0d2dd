/** How values of the job are kept in columns. */
@NullMarked
package tavrel.server.store;

import org.jspecify.annotations.NullMarked;
