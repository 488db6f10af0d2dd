/**
 * Tools, their test burns and the burn time fitted to them.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/burn-and-seal.md.
 */
@NullMarked
package tavrel.core.burn;

import org.jspecify.annotations.NullMarked;
