/** The whole outfit as one file: taken away, kept every night, brought back. */
@NullMarked
package tavrel.server.safekeeping;

import org.jspecify.annotations.NullMarked;
