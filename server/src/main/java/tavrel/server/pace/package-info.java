/** How long a round takes: the outfit's usual crew, and how many hives fit an hour. */
@NullMarked
package tavrel.server.pace;

import org.jspecify.annotations.NullMarked;
