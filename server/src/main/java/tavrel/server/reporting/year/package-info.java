/** The year on one page, and the winter's verdict on it. */
@NullMarked
package tavrel.server.reporting.year;

import org.jspecify.annotations.NullMarked;
