/** The dates and limits of each apiary's year. */
@NullMarked
package tavrel.server.apiaryyear;

import org.jspecify.annotations.NullMarked;
