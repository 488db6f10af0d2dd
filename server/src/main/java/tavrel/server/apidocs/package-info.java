/** The description of the API as a page for people. */
@NullMarked
package tavrel.server.apidocs;

import org.jspecify.annotations.NullMarked;
