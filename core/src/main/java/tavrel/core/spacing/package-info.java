/**
 * How many rounds, how many days apart: patterns, search, recommendation, series.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/spacing.md.
 */
@NullMarked
package tavrel.core.spacing;

import org.jspecify.annotations.NullMarked;
