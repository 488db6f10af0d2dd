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
 */
public record Account(UUID id, String login, String name, Role role, boolean active)
    implements Serializable {}
