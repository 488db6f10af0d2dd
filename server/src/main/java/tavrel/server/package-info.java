/** Keeps what the core decides and the screens ask for. */
@NullMarked
package tavrel.server;

import org.jspecify.annotations.NullMarked;
