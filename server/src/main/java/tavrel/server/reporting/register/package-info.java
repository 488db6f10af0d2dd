/** The register as it is read: page, CSV, JSON, PDF, calendar. */
@NullMarked
package tavrel.server.reporting.register;

import org.jspecify.annotations.NullMarked;
