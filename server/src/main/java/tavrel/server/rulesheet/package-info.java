/** Rule sheets copied from labels. */
@NullMarked
package tavrel.server.rulesheet;

import org.jspecify.annotations.NullMarked;
