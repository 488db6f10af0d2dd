/**
 * The brood clock: what was done to a colony, and when nothing in it is capped.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/brood.md.
 */
@NullMarked
package tavrel.core.brood;

import org.jspecify.annotations.NullMarked;
