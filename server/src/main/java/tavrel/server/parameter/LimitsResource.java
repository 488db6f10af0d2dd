package tavrel.server.parameter;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Limits;

/** Limits of the job that screens keep. */
@RestController
class LimitsResource {

  /** Limits of the job that a screen keeps before anything is sent. */
  @GetMapping("/api/limits")
  Limits all() {
    return Limits.ALL;
  }
}
