/** What was bought, where it went, what to order, what it cost. */
@NullMarked
package tavrel.server.stock;

import org.jspecify.annotations.NullMarked;
