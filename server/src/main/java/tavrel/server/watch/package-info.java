/** Tools under watch during a run: where their samples come from, and what they move on. */
@NullMarked
package tavrel.server.watch;

import org.jspecify.annotations.NullMarked;
