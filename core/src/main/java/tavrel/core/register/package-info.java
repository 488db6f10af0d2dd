/**
 * What an inspector reads: treatments, what was put right later, and what follows from them.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/run-log.md.
 */
@NullMarked
package tavrel.core.register;

import org.jspecify.annotations.NullMarked;
