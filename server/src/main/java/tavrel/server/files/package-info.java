/** What other programs read: rosters, places, burns and weather as open files. */
@NullMarked
package tavrel.server.files;

import org.jspecify.annotations.NullMarked;
