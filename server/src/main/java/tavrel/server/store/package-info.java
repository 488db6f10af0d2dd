/** How values of the job are kept in columns, and what the disk and this machine tell. */
@NullMarked
package tavrel.server.store;

import org.jspecify.annotations.NullMarked;
