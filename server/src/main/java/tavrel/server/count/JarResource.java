package tavrel.server.count;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Bees of several hives counted in one jar. */
@RestController
@RequestMapping("/api")
class JarResource {

  private final Jars jars;

  JarResource(Jars jars) {
    this.jars = jars;
  }

  /** Jars of an apiary with what each tells of its hives' mean, the latest first. */
  @GetMapping("/apiaries/{id}/jars")
  List<Jars.JarCounted> of(@PathVariable UUID id) {
    return jars.of(id);
  }

  /** Keeps a count of bees of several hives in one jar; a known id changes nothing. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/jars/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable UUID id, @RequestBody Jars.NewJar jar, @AuthenticationPrincipal Account who) {
    jars.keep(id, jar, who);
  }

  /** Strikes a jar out. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping("/jars/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable UUID id, @AuthenticationPrincipal Account who) {
    jars.strike(id, who);
  }
}
