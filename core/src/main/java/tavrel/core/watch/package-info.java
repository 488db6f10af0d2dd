/**
 * The tool's own stream of samples: what a heated bowl is doing, told by its temperature and its
 * pack's voltage, and the simulated tool that stands in for one.
 */
@NullMarked
package tavrel.core.watch;

import org.jspecify.annotations.NullMarked;
