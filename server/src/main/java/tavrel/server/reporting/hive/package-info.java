/** All that is known of one hive, and where anything is found by its name. */
@NullMarked
package tavrel.server.reporting.hive;

import org.jspecify.annotations.NullMarked;
