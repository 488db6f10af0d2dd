/**
 * Power, wear and cost of the gear.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/stock.md.
 */
@NullMarked
package tavrel.core.stock;

import org.jspecify.annotations.NullMarked;
