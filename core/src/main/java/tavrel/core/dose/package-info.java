/** Grams by box, loads by tool, rounding to what can be measured. */
@NullMarked
package tavrel.core.dose;

import org.jspecify.annotations.NullMarked;
