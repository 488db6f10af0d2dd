/**
 * Counts of mites and what they allow to be said of a colony.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/counts-and-results.md.
 */
@NullMarked
package tavrel.core.count;

import org.jspecify.annotations.NullMarked;
