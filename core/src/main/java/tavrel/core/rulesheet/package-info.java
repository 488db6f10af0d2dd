/**
 * Rule sheets copied from the label, and what they say of a plan.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/dose.md.
 */
@NullMarked
package tavrel.core.rulesheet;

import org.jspecify.annotations.NullMarked;
