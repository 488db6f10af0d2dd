/**
 * The day-by-day model of mites on bees and under cappings.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/mites.md.
 */
@NullMarked
package tavrel.core.mite;

import org.jspecify.annotations.NullMarked;
