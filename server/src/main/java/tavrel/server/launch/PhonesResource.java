package tavrel.server.launch;

import java.nio.file.Path;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** How phones reach this server, for the keeper who sets them up. */
@RestController
@AllowedTo(Role.KEEPER)
@RequestMapping("/api/outfit/phones")
class PhonesResource {

  /**
   * What a phone needs.
   *
   * @param addresses by which it reaches this server; empty where this machine alone is answered
   * @param secure whether these are secure: else no phone keeps the screens
   * @param ownCertificate whether the certificate is one that phones must be told to trust
   */
  record Phones(List<String> addresses, boolean secure, boolean ownCertificate) {}

  private final Reach reach;

  PhonesResource(Reach reach) {
    this.reach = reach;
  }

  /** The addresses at which phones reach this outfit, and its certificate's fingerprint. */
  @GetMapping
  Phones phones() {
    return new Phones(reach.fromOtherDevices(), reach.secure(), reach.certificate() != null);
  }

  /** The certificate, to be trusted by a phone. */
  @GetMapping("/certificate")
  ResponseEntity<Resource> certificate() {
    String file = reach.certificate();
    if (file == null) {
      throw Problem.missing(Missing.CERTIFICATE);
    }
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("tavrel.crt").build().toString())
        .body(new FileSystemResource(Path.of(file)));
  }
}
