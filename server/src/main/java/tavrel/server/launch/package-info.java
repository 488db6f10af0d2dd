/** Starting the program in the keeper's own words: where the data are, who is answered. */
@NullMarked
package tavrel.server.launch;

import org.jspecify.annotations.NullMarked;
