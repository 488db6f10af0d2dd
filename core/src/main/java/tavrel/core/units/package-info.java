/**
 * In which units a person reads and writes. Inside, and on every wire and page of the database,
 * everything is SI.
 */
@NullMarked
package tavrel.core.units;

import org.jspecify.annotations.NullMarked;
