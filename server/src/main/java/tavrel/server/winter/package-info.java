/** How each hive came through its winter, as its keeper says. */
@NullMarked
package tavrel.server.winter;

import org.jspecify.annotations.NullMarked;
