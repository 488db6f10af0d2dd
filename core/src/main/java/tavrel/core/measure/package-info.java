/** Grams of what, strength, spoons and scoops (handbook 2.1). */
@NullMarked
package tavrel.core.measure;

import org.jspecify.annotations.NullMarked;
