/** What was done, for the inspector. */
@NullMarked
package tavrel.server.register;

import org.jspecify.annotations.NullMarked;
