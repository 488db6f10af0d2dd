/** The dates and limits of each apiary's year. */
@NullMarked
package tavrel.server.season;

import org.jspecify.annotations.NullMarked;
