package tavrel.server.people;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The keeper's list of people. */
@RestController
@AllowedTo(Role.KEEPER)
@RequestMapping("/api/people")
class PeopleResource {

  /**
   * A person to add.
   *
   * @param login typed at sign-in
   * @param name written into logs
   * @param password first password, which the person must change
   * @param role what the person may do
   */
  record NewPerson(String login, String name, String password, Role role) {}

  /**
   * A person as changed.
   *
   * @param name written into logs
   * @param role what the person may do
   * @param active whether sign-in is allowed
   * @param password a new password, or null to leave it
   */
  record ChangedPerson(String name, Role role, boolean active, @Nullable String password) {}

  private final Accounts accounts;

  PeopleResource(Accounts accounts) {
    this.accounts = accounts;
  }

  /** Everybody who may sign in. */
  @GetMapping
  List<Account> all() {
    return accounts.all();
  }

  /** Adds a person with a first password, which has to be changed at the first sign-in. */
  @PostMapping
  Account add(@RequestBody NewPerson person) {
    return accounts.invite(person.login(), person.name(), person.password(), person.role());
  }

  /** Changes a person's name or role, ends or opens the account, or sets a first password anew. */
  @PutMapping("/{id}")
  Account change(@PathVariable UUID id, @RequestBody ChangedPerson person) {
    return accounts.change(id, person.name(), person.role(), person.active(), person.password());
  }
}
