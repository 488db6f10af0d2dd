/** A made-up outfit on a clock that starts at a fixed dawn. */
@NullMarked
package tavrel.server.demo;

import org.jspecify.annotations.NullMarked;
