/** Rule sheets copied from the label, and what they say of a plan. */
@NullMarked
package tavrel.core.rulesheet;

import org.jspecify.annotations.NullMarked;
