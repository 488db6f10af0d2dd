/** Scoops weighed for a product lot. */
@NullMarked
package tavrel.server.measure;

import org.jspecify.annotations.NullMarked;
