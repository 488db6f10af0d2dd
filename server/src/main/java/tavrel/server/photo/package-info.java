/** Pictures of hives, yards, runs, tools and lots, kept as files named by what is in them. */
@NullMarked
package tavrel.server.photo;

import org.jspecify.annotations.NullMarked;
