/** Rule sheets kept. */
@NullMarked
package tavrel.server.rulesheet;

import org.jspecify.annotations.NullMarked;
