/** Sun, hourly weather and the hours worth working in. */
@NullMarked
package tavrel.core.weather;

import org.jspecify.annotations.NullMarked;
