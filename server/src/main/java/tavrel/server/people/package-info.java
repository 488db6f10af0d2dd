/** Accounts, roles, sessions and who may do what. */
@NullMarked
package tavrel.server.people;

import org.jspecify.annotations.NullMarked;
