/**
 * What came of a series: drops, reductions, the model fitted to a colony, and what to do next.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/counts-and-results.md.
 */
@NullMarked
package tavrel.core.result;

import org.jspecify.annotations.NullMarked;
