/**
 * * The tool's own stream of samples: what a heated bowl is doing, told by its temperature and its
 * pack's voltage, and the simulated tool that stands in for one.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/burn-and-seal.md.
 */
@NullMarked
package tavrel.core.watch;

import org.jspecify.annotations.NullMarked;
