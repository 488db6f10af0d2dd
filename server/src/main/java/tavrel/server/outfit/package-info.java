/** The outfit as a whole: its depot, and which day it is for what belongs to no single apiary. */
@NullMarked
package tavrel.server.outfit;

import org.jspecify.annotations.NullMarked;
