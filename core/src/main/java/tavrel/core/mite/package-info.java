/** The day-by-day model of mites on bees and under cappings. */
@NullMarked
package tavrel.core.mite;

import org.jspecify.annotations.NullMarked;
