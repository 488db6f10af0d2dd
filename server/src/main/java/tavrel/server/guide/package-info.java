/** The guide for keepers, as pages of the program. */
@NullMarked
package tavrel.server.guide;

import org.jspecify.annotations.NullMarked;
