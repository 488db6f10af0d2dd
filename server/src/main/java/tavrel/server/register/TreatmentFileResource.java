package tavrel.server.register;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tavrel.core.register.TreatmentKind;
import tavrel.server.people.Account;

/** What can be written into the register: means, and treatments of earlier years from a file. */
@RestController
@RequestMapping("/api/register")
class TreatmentFileResource {

  private static final String EXAMPLES =
      """
      2025-08-14,Home yard,1,synthetic strips,,2 strips,between combs 3 and 8,,,Somebody,taken off,0,2025-10-09,,,
      2025-12-20,Home yard,1,"oxalic acid, trickled or sprayed",2.1,,trickled,,,Somebody,taken off,,,,,
      """;

  private final TreatmentFiles files;

  TreatmentFileResource(TreatmentFiles files) {
    this.files = files;
  }

  /**
   * A means against mites.
   *
   * @param means which
   * @param oxalic whether it counts towards the year's treatments with oxalic acid
   * @param staysIn whether it may stay in the hive for a time
   */
  record OfferedMeans(TreatmentKind means, boolean oxalic, boolean staysIn) {}

  /** With what colonies are treated. */
  @GetMapping("/means")
  List<OfferedMeans> means() {
    return Arrays.stream(TreatmentKind.values())
        .map(each -> new OfferedMeans(each, each.oxalic(), each.staysIn()))
        .toList();
  }

  /** A file of past treatments with example rows, to be filled in. */
  @GetMapping(value = "/template.csv", produces = "text/csv")
  ResponseEntity<String> template() {
    String header =
        Arrays.stream(TreatmentFile.Column.values())
            .map(TreatmentFile.Column::title)
            .collect(Collectors.joining(","));
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("treatments-template.csv").build().toString())
        .body(header + "\n" + EXAMPLES);
  }

  /** Reads a file of past treatments and says what would be brought in; nothing is kept. */
  @PostMapping(value = "/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  TreatmentFiles.TreatmentPreview preview(@RequestPart MultipartFile file) throws IOException {
    return files.preview(file.getBytes());
  }

  /** Brings in a file of past treatments: all rows, or the good ones alone. */
  @PostMapping(value = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  TreatmentFiles.TreatmentPreview bringIn(
      @RequestPart MultipartFile file,
      @RequestParam(defaultValue = "false") boolean goodRowsOnly,
      @AuthenticationPrincipal Account who)
      throws IOException {
    return files.bringIn(file.getBytes(), goodRowsOnly, who);
  }
}
