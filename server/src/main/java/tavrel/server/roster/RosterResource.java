package tavrel.server.roster;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
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
import tavrel.server.people.Account;

/** Bringing in a roster. */
@RestController
@RequestMapping("/api/roster")
class RosterResource {

  private static final String TEMPLATE =
      """
      apiary,hive,position,brood boxes,supers,floor,latitude,longitude
      Home yard,1,1,deep 10,0,solid,47.61,-24.30
      Home yard,2,2,2x deep 10,1,"mesh, tray tight",,
      Home yard,3,3,deep 10 + medium 10,0,"mesh, tray loose",,
      Home yard,Nuc A,4,nucleus 5,0,bare mesh,,
      """;

  private final Rosters rosters;

  RosterResource(Rosters rosters) {
    this.rosters = rosters;
  }

  /** A roster with example rows, to be filled in. */
  @GetMapping(value = "/template.csv", produces = "text/csv")
  ResponseEntity<String> template() {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("roster-template.csv").build().toString())
        .body(TEMPLATE);
  }

  /** Reads a roster and says what would be brought in; nothing is kept. */
  @PostMapping(value = "/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Rosters.Preview preview(
      @RequestPart MultipartFile file,
      @RequestPart(required = false) @Nullable List<Meaning> meanings)
      throws IOException {
    return rosters.preview(file.getBytes(), meanings == null ? List.of() : meanings);
  }

  /** Brings in a roster: all rows, or the good ones alone. */
  @PostMapping(value = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Rosters.Preview bringIn(
      @RequestPart MultipartFile file,
      @RequestPart(required = false) @Nullable List<Meaning> meanings,
      @RequestParam String zone,
      @RequestParam(defaultValue = "false") boolean goodRowsOnly,
      @RequestParam(defaultValue = "") Set<Integer> movedLines,
      @AuthenticationPrincipal Account who)
      throws IOException {
    return rosters.bringIn(
        file.getBytes(),
        meanings == null ? List.of() : meanings,
        zone,
        goodRowsOnly,
        movedLines,
        who);
  }
}
