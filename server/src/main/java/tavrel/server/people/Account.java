package tavrel.server.people;

import java.io.Serializable;
import java.util.UUID;

/**
 * A person who may sign in.
 *
 * @param id key
 * @param login typed at sign-in
 * @param name written into logs and the register
 * @param role what the person may do
 * @param active whether sign-in is allowed
 * @param firstPassword whether the password is one that the keeper set: until it is changed,
 *     nothing else can be done
 */
public record Account(
    UUID id, String login, String name, Role role, boolean active, boolean firstPassword)
    implements Serializable {

  /** The same with a password of its own. */
  Account withOwnPassword() {
    return new Account(id, login, name, role, active, false);
  }
}
