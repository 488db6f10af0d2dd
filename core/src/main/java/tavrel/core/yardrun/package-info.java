/** The run log: events, the stage of each hive, what to do next (handbook 2.13). */
@NullMarked
package tavrel.core.yardrun;

import org.jspecify.annotations.NullMarked;
