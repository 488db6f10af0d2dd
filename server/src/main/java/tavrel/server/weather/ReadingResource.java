package tavrel.server.weather;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** Readings of thermometers, as the screens send them. */
@RestController
class ReadingResource {

  private final Readings readings;

  ReadingResource(Readings readings) {
    this.readings = readings;
  }

  /** Keeps what a thermometer showed. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/api/apiaries/{id}/readings/{readingId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void read(
      @PathVariable UUID id,
      @PathVariable UUID readingId,
      @RequestBody Readings.NewReading reading,
      @AuthenticationPrincipal Account who) {
    readings.keep(id, readingId, reading, who);
  }
}
