/**
 * Grams by box, loads by tool, rounding to what can be measured.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/dose.md.
 */
@NullMarked
package tavrel.core.dose;

import org.jspecify.annotations.NullMarked;
