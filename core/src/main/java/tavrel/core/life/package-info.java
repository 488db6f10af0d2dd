/** The life of a hive: how it begins, where it stands, what it is called, how it ends. */
@NullMarked
package tavrel.core.life;

import org.jspecify.annotations.NullMarked;
