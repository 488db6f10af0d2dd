/** The dates and limits that an apiary's year is judged by. */
@NullMarked
package tavrel.core.season;

import org.jspecify.annotations.NullMarked;
