/** Making ready: what each hive needs before a burn, and what goes into the truck. */
@NullMarked
package tavrel.core.ready;

import org.jspecify.annotations.NullMarked;
