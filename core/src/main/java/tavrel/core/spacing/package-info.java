/** How many rounds, how many days apart: schools, search, recommendation, series. */
@NullMarked
package tavrel.core.spacing;

import org.jspecify.annotations.NullMarked;
