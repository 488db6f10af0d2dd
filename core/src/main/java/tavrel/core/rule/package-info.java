/** Rule sheets copied from the label, and what they say of a plan (handbook 2.2). */
@NullMarked
package tavrel.core.rule;

import org.jspecify.annotations.NullMarked;
