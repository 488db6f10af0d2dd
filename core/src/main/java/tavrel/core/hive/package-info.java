/** A hive as it stands: brood boxes, supers and floor, and how a roster writes them down. */
@NullMarked
package tavrel.core.hive;

import org.jspecify.annotations.NullMarked;
