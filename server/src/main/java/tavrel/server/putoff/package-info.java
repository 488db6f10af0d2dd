/** Lines of what needs somebody, put off until a day with a reason. */
@NullMarked
package tavrel.server.putoff;

import org.jspecify.annotations.NullMarked;
