/** What came of the rounds of an apiary, hive by hive. */
@NullMarked
package tavrel.server.reporting.result;

import org.jspecify.annotations.NullMarked;
