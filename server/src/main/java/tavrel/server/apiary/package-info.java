/** Apiaries, their hives, and the day as it looks there. */
@NullMarked
package tavrel.server.apiary;

import org.jspecify.annotations.NullMarked;
