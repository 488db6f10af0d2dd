/** Power, wear and cost of the gear (handbook 2.12). */
@NullMarked
package tavrel.core.stock;

import org.jspecify.annotations.NullMarked;
