/** What is due of the gear: seals, filters, cleaning, by what it has been through. */
@NullMarked
package tavrel.server.upkeep;

import org.jspecify.annotations.NullMarked;
