package tavrel.server.reporting.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tavrel.core.InvalidValue;
import tavrel.server.http.Downloads;
import tavrel.server.people.Account;

/** Open files to take away. */
@RestController
@RequestMapping("/api/files")
class FileResource {

  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

  private final OpenFiles files;
  private final Downloads downloads;

  FileResource(OpenFiles files, Downloads downloads) {
    this.files = files;
    this.downloads = downloads;
  }

  /** All hives as the roster that can be brought in again: as they stand, or stood on a day. */
  @GetMapping(value = "/roster.csv", produces = "text/csv")
  ResponseEntity<byte[]> roster(@RequestParam(required = false) @Nullable LocalDate on)
      throws IOException {
    return file(
        on == null ? "roster.csv" : "roster-" + on + ".csv", CSV, out -> files.roster(on, out));
  }

  /** Apiaries with a place as GeoJSON. */
  @GetMapping(value = "/apiaries.geojson", produces = "application/geo+json")
  ResponseEntity<byte[]> geoJson() throws IOException {
    return file(
        "apiaries.geojson",
        MediaType.parseMediaType("application/geo+json"),
        out -> out.write(files.geoJson()));
  }

  /** Apiaries with a place as waypoints. */
  @GetMapping(value = "/apiaries.gpx", produces = "application/gpx+xml")
  ResponseEntity<byte[]> gpx() throws IOException {
    return file("apiaries.gpx", MediaType.parseMediaType("application/gpx+xml"), files::gpx);
  }

  /** The weather that was told for an apiary, hour by hour. */
  @GetMapping(value = "/weather.csv", produces = "text/csv")
  ResponseEntity<byte[]> weather(@RequestParam UUID apiaryId) throws IOException {
    return file("weather.csv", CSV, out -> files.weather(apiaryId, out));
  }

  /** Every load burned in a year. */
  @GetMapping(value = "/burns.csv", produces = "text/csv")
  ResponseEntity<StreamingResponseBody> burns(
      @RequestParam int year, @AuthenticationPrincipal Account who) {
    InvalidValue.inRange("year", year, 1990, 2200, "as a year");
    return downloads.of(who.id(), "burns-" + year + ".csv", CSV, out -> files.burns(year, out));
  }

  private static ResponseEntity<byte[]> file(String name, MediaType type, Downloads.Writing writing)
      throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    writing.to(out);
    return ResponseEntity.ok().contentType(type).headers(named(name)).body(out.toByteArray());
  }

  private static HttpHeaders named(String file) {
    HttpHeaders headers = new HttpHeaders();
    headers.setContentDisposition(ContentDisposition.attachment().filename(file).build());
    return headers;
  }
}
