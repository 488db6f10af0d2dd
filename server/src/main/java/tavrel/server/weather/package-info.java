/** Hourly weather from files. */
@NullMarked
package tavrel.server.weather;

import org.jspecify.annotations.NullMarked;
