/**
 * A hive as it stands: brood boxes, supers and floor, and how a roster writes them down.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/dose.md.
 */
@NullMarked
package tavrel.core.hive;

import org.jspecify.annotations.NullMarked;
