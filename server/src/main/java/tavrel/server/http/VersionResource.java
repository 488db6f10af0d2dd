package tavrel.server.http;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which program this is, for whoever asks for help with it. */
@RestController
class VersionResource {

  /** The program's version, the commit it was built from and its day. */
  @GetMapping("/api/version")
  ProgramVersion version() {
    return ProgramVersion.running();
  }
}
