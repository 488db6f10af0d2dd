package tavrel.server.parameter;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Limits;

/** Limits of the job that screens keep. */
@RestController
class LimitsResource {

  @GetMapping("/api/limits")
  Limits all() {
    return Limits.ALL;
  }
}
