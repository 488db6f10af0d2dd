package tavrel.server.http;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which program this is, for whoever asks for help with it. */
@RestController
class VersionResource {

  @GetMapping("/api/version")
  ProgramVersion version() {
    return ProgramVersion.running();
  }
}
