/**
 * Grams of what, strength, spoons and scoops.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/dose.md.
 */
@NullMarked
package tavrel.core.measure;

import org.jspecify.annotations.NullMarked;
