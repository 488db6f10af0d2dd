/** What came of a series: drops, reductions, the model fitted to a colony, and what to do next. */
@NullMarked
package tavrel.core.result;

import org.jspecify.annotations.NullMarked;
