/** The year on one page, and the winter's verdict on it. */
@NullMarked
package tavrel.server.review;

import org.jspecify.annotations.NullMarked;
