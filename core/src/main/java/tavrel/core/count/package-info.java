/** Counts of mites and what they allow to be said of a colony. */
@NullMarked
package tavrel.core.count;

import org.jspecify.annotations.NullMarked;
