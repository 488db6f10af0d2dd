/** How each colony stands to its deadline: reckoned in the background, kept with its stamp. */
@NullMarked
package tavrel.server.outlook;

import org.jspecify.annotations.NullMarked;
