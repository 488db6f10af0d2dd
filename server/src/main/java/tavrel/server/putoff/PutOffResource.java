package tavrel.server.putoff;

import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Puts lines of what needs somebody off. */
@RestController
@RequestMapping("/api/put-off")
class PutOffResource {

  private final PutOffs putOffs;

  PutOffResource(PutOffs putOffs) {
    this.putOffs = putOffs;
  }

  /** Puts a line off until a day, with a reason; the same id again changes nothing. */
  @AllowedTo(Role.KEEPER)
  @PutMapping("/{id}")
  void putOff(
      @PathVariable UUID id, @RequestBody NewPutOff put, @AuthenticationPrincipal Account who) {
    putOffs.put(id, put, who);
  }

  /** Takes a line up again before its day. */
  @AllowedTo(Role.KEEPER)
  @DeleteMapping
  void takeUp(@RequestParam String line) {
    putOffs.takeUp(line);
  }
}
