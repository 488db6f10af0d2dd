/** The brood clock: what was done to a colony, and when nothing in it is capped. */
@NullMarked
package tavrel.core.brood;

import org.jspecify.annotations.NullMarked;
