/** Tables in open formats, as keepers bring and take them. */
@NullMarked
package tavrel.server.table;

import org.jspecify.annotations.NullMarked;
