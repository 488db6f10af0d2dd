/** The season across apiaries: which crew goes where on which day, and why a rule had to bend. */
@NullMarked
package tavrel.core.seasonplan;

import org.jspecify.annotations.NullMarked;
