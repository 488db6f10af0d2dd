package tavrel.server.apidocs;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** What other programs can ask of this one. */
@RestController
@RequestMapping("/api/docs")
class ApiDocsResource {

  private static final String DESCRIPTION = "apidocs/openapi.json";

  /** Nothing but one sheet of style: no script, nothing inline. */
  private static final String POLICY =
      "default-src 'none'; style-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

  /** The description of the API as a page for people. */
  @AllowedTo(Role.KEEPER)
  @GetMapping(produces = MediaType.TEXT_HTML_VALUE)
  ResponseEntity<String> page() throws IOException {
    return ResponseEntity.ok()
        .header("Content-Security-Policy", POLICY)
        .body(ApiPage.of(new ClassPathResource(DESCRIPTION).getInputStream()));
  }

  /** The description of the API for programs, OpenAPI 3.0. */
  @AllowedTo(Role.KEEPER)
  @GetMapping(value = "/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
  Resource description() {
    return new ClassPathResource(DESCRIPTION);
  }

  /** How the page looks. */
  @AllowedTo(Role.KEEPER)
  @GetMapping(value = "/page.css", produces = "text/css")
  ResponseEntity<Resource> style() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(1, TimeUnit.HOURS))
        .body(new ClassPathResource("apidocs/page.css"));
  }
}
