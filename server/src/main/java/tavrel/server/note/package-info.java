/** Notes: what somebody wrote about a hive, a yard, a run, a tool or a lot. */
@NullMarked
package tavrel.server.note;

import org.jspecify.annotations.NullMarked;
