/** Brood events and the brood clock of each hive. */
@NullMarked
package tavrel.server.brood;

import org.jspecify.annotations.NullMarked;
