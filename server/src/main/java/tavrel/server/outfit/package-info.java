/** The whole outfit as one file: taken away, kept every night, brought back. */
@NullMarked
package tavrel.server.outfit;

import org.jspecify.annotations.NullMarked;
