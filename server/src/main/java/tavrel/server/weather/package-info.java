/** Weather of apiaries: thermometers, files, and what their hours are worth. */
@NullMarked
package tavrel.server.weather;

import org.jspecify.annotations.NullMarked;
