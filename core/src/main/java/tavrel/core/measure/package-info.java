/** Grams of what, strength, spoons and scoops. */
@NullMarked
package tavrel.core.measure;

import org.jspecify.annotations.NullMarked;
