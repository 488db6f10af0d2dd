/**
 * The dates and limits that an apiary's year is judged by.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/brood.md.
 */
@NullMarked
package tavrel.core.apiaryyear;

import org.jspecify.annotations.NullMarked;
