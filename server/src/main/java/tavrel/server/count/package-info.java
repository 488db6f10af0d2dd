/** Counts, boards, signs and what is decided from them. */
@NullMarked
package tavrel.server.count;

import org.jspecify.annotations.NullMarked;
