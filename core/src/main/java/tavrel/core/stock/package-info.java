/** Power, wear and cost of the gear. */
@NullMarked
package tavrel.core.stock;

import org.jspecify.annotations.NullMarked;
