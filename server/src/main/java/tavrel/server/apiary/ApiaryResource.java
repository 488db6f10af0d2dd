package tavrel.server.apiary;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** An apiary's name, place and zone. */
@RestController
@RequestMapping("/api/apiaries")
class ApiaryResource {

  private final Apiaries apiaries;

  ApiaryResource(Apiaries apiaries) {
    this.apiaries = apiaries;
  }

  /** Renames an apiary, sets its time zone or its place. */
  @PutMapping("/{id}")
  Apiary change(@PathVariable UUID id, @RequestBody Apiaries.Described described) {
    return apiaries.change(id, described);
  }
}
