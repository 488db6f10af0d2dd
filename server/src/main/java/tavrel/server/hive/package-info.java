/** Hives: how they stand in their apiaries, and changes of it. */
@NullMarked
package tavrel.server.hive;

import org.jspecify.annotations.NullMarked;
