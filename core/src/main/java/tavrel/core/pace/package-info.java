/**
 * * How long a round takes: hives, tools, people and cloths played through. All times in whole
 * seconds from the arrival.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/pace.md.
 */
@NullMarked
package tavrel.core.pace;

import org.jspecify.annotations.NullMarked;
