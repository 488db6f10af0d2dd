/** What other programs read: rosters, places, burns and weather as open files. */
@NullMarked
package tavrel.server.reporting.files;

import org.jspecify.annotations.NullMarked;
