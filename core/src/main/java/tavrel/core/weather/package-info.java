/** Sun, hourly weather and the hours worth working in (handbook 2.8). */
@NullMarked
package tavrel.core.weather;

import org.jspecify.annotations.NullMarked;
