package tavrel.server.register;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tavrel.core.InvalidValue;

/** The register, to read and to take away. */
@RestController
@RequestMapping("/api/register")
class RegisterResource {

  private static final int MOST_LINES = 500;
  private static final int FIRST_YEAR = 1990;
  private static final int LAST_YEAR = 2200;

  private final Register register;

  RegisterResource(Register register) {
    this.register = register;
  }

  @GetMapping
  Register.Page page(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(defaultValue = "100") int limit,
      @RequestParam(defaultValue = "0") int offset) {
    InvalidValue.inRange("limit", limit, 1, MOST_LINES, "lines");
    InvalidValue.inRange("offset", offset, 0, Integer.MAX_VALUE, "lines");
    return register.page(from(year), to(year), apiaryId, limit, offset);
  }

  @GetMapping(value = "/treatments.csv", produces = "text/csv")
  ResponseEntity<StreamingResponseBody> csv(
      @RequestParam(required = false) @Nullable Integer year,
      @RequestParam(required = false) @Nullable UUID apiaryId) {
    LocalDate from = from(year);
    LocalDate to = to(year);
    String name = year == null ? "treatments.csv" : "treatments-" + year + ".csv";
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(out -> register.write(from, to, apiaryId, out));
  }

  private static LocalDate from(@Nullable Integer year) {
    return LocalDate.of(year == null ? FIRST_YEAR : checked(year), 1, 1);
  }

  private static LocalDate to(@Nullable Integer year) {
    return LocalDate.of(year == null ? LAST_YEAR : checked(year), 12, 31);
  }

  private static int checked(int year) {
    return (int) InvalidValue.inRange("year", year, FIRST_YEAR, LAST_YEAR, "as a year");
  }
}
