/** What an inspector reads: treatments, what was put right later, and what follows from them. */
@NullMarked
package tavrel.core.register;

import org.jspecify.annotations.NullMarked;
