/** Scoops weighed for a product lot. */
@NullMarked
package tavrel.server.scoop;

import org.jspecify.annotations.NullMarked;
