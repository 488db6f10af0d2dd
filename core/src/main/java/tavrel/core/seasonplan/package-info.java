/**
 * The season across apiaries: which crew goes where on which day, and why a rule had to bend.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/season-plan.md.
 */
@NullMarked
package tavrel.core.seasonplan;

import org.jspecify.annotations.NullMarked;
