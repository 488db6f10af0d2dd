/**
 * The run log: events, the stage of each hive, what to do next.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/run-log.md.
 */
@NullMarked
package tavrel.core.run;

import org.jspecify.annotations.NullMarked;
