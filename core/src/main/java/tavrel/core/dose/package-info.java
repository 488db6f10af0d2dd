/** Grams by box, loads by tool, rounding to what can be measured (handbook 2.2). */
@NullMarked
package tavrel.core.dose;

import org.jspecify.annotations.NullMarked;
