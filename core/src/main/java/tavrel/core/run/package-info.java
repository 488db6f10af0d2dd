/** The run log: events, the stage of each hive, what to do next. */
@NullMarked
package tavrel.core.run;

import org.jspecify.annotations.NullMarked;
