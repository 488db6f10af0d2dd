/** Apiaries: names, places, zones. */
@NullMarked
package tavrel.server.apiary;

import org.jspecify.annotations.NullMarked;
