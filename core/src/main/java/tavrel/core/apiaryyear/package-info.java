/** The dates and limits that an apiary's year is judged by. */
@NullMarked
package tavrel.core.apiaryyear;

import org.jspecify.annotations.NullMarked;
