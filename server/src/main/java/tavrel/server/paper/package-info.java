/** What is printed: faces of type and cells. */
@NullMarked
package tavrel.server.paper;

import org.jspecify.annotations.NullMarked;
