/** Tags on hives: a name and a code that opens the hive's page with the phone's own camera. */
@NullMarked
package tavrel.server.tag;

import org.jspecify.annotations.NullMarked;
