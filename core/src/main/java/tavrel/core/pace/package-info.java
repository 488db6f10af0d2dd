/**
 * How long a round takes: hives, tools, people and cloths played through. All times in whole
 * seconds from the arrival.
 */
@NullMarked
package tavrel.core.pace;

import org.jspecify.annotations.NullMarked;
