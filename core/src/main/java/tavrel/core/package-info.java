/**
 * The job of treating colonies with oxalic acid vapour: its words, its rules and its arithmetic.
 */
@NullMarked
package tavrel.core;

import org.jspecify.annotations.NullMarked;
