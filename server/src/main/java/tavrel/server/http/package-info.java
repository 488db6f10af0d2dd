/** How the server speaks: problems, pages, the API's description. */
@NullMarked
package tavrel.server.http;

import org.jspecify.annotations.NullMarked;
