/**
 * Sun, hourly weather and the hours worth working in.
 *
 * <p>Formulas, figures, sources and what is left out: docs/method/hours.md.
 */
@NullMarked
package tavrel.core.weather;

import org.jspecify.annotations.NullMarked;
