/**
 * Making ready: what each hive needs before a burn, and what goes into the truck.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/pace.md.
 */
@NullMarked
package tavrel.core.ready;

import org.jspecify.annotations.NullMarked;
