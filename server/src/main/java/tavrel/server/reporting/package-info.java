/**
 * Pages that look across the whole outfit: the year, results, costs, what is due, open files. They
 * may read every table; nothing is kept here and no other part knows them.
 */
@NullMarked
package tavrel.server.reporting;

import org.jspecify.annotations.NullMarked;
