/**
 * What the server says itself: papers, calendars, files, refusals. It reads the same catalogue as
 * the screens, so that a fact is said alike on both.
 */
@NullMarked
package tavrel.server.words;

import org.jspecify.annotations.NullMarked;
