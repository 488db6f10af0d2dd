/**
 * How well a hive holds its vapour, and what to shut first. Model estimates.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/seal.md.
 */
@NullMarked
package tavrel.core.seal;

import org.jspecify.annotations.NullMarked;
