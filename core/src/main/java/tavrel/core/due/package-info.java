/**
 * What a keeper has to do, and by when: which days make something due, and what presses most.
 *
 * <p>Days, reasons and what is left out: docs/method/due.md.
 */
@NullMarked
package tavrel.core.due;

import org.jspecify.annotations.NullMarked;
