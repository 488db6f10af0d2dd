package tavrel.server.safekeeping;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.http.Downloads;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;
import tavrel.server.photo.PictureFiles;

/** The whole outfit, out and in, and its backups. For the keeper alone: it holds everything. */
@RestController
@AllowedTo(Role.KEEPER)
@RequestMapping("/api/outfit")
class OutfitResource {

  private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

  /** More than this is no outfit. */
  private static final long MOST_BYTES = 4L << 30;

  private final DataSource database;
  private final ObjectProvider<Backups> backups;
  private final ObjectProvider<Restart> restart;
  private final Path folder;
  private final Downloads downloads;
  private final PictureFiles pictures;
  private final Clock clock;

  OutfitResource(
      DataSource database,
      ObjectProvider<Backups> backups,
      ObjectProvider<Restart> restart,
      @Value("${tavrel.data}") Path folder,
      Downloads downloads,
      PictureFiles pictures,
      Clock clock) {
    this.database = database;
    this.backups = backups;
    this.restart = restart;
    this.folder = folder;
    this.downloads = downloads;
    this.pictures = pictures;
    this.clock = clock;
  }

  /**
   * How the outfit is kept.
   *
   * @param kept whether it is kept at all; the demo's is not
   * @param backups latest first
   * @param pictures how many pictures the outfit names
   * @param missingPictures names of their files that are nowhere
   */
  record Safekeeping(
      boolean kept, List<Backups.Backup> backups, int pictures, List<String> missingPictures) {}

  /**
   * What was brought in.
   *
   * @param rows rows in all tables
   * @param restarts whether the application starts anew with it at once; else at its next start
   */
  record BroughtIn(long rows, boolean restarts) {}

  /** Backups, where they lie and when the next is made. */
  @GetMapping
  Safekeeping safekeeping() throws SQLException {
    Backups all = backups.getIfAvailable();
    List<String> named;
    try (Connection connection = database.getConnection()) {
      named = NamedPictures.of(connection);
    }
    return new Safekeeping(
        all != null, all == null ? List.of() : all.all(), named.size(), pictures.missing(named));
  }

  /** The whole outfit as it is now. */
  @GetMapping(value = "/outfit.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> whole(@AuthenticationPrincipal Account who) {
    String name = "tavrel-" + clock.instant().toString().substring(0, 10) + ".zip";
    return downloads.of(who.id(), name, ZIP, this::write);
  }

  private void write(OutputStream out) throws IOException {
    try (Connection connection = database.getConnection()) {
      OutfitWriter.write(connection, out, pictures);
    } catch (SQLException broken) {
      throw new IOException(broken);
    }
  }

  /** Makes a backup now. */
  @PostMapping("/backups")
  Backups.Backup backUp() {
    return kept().write();
  }

  /** A backup as a file. */
  @GetMapping(value = "/backups/{name}", produces = "application/zip")
  ResponseEntity<Resource> backup(@PathVariable String name) {
    return ResponseEntity.ok()
        .contentType(ZIP)
        .headers(named(name))
        .body(new FileSystemResource(kept().file(name)));
  }

  /**
   * Brings a whole outfit in, in place of the one that is here, which is kept beside it.
   *
   * @throws InvalidValue if the file is not whole and unchanged; nothing is touched then
   */
  @PutMapping(consumes = "application/zip")
  synchronized BroughtIn bringIn(HttpServletRequest request) throws IOException {
    kept();
    Files.createDirectories(folder);
    Path file = Files.createTempFile(folder, "upload", ".zip");
    try {
      receive(request.getInputStream(), file);
      long rows = OutfitLoader.load(file, folder);
      Restart anew = restart.getIfAvailable();
      if (anew != null) {
        anew.soon();
      }
      return new BroughtIn(rows, anew != null);
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private static void receive(InputStream in, Path file) throws IOException {
    try (OutputStream out = Files.newOutputStream(file)) {
      byte[] buffer = new byte[1 << 16];
      long all = 0;
      for (int got = in.read(buffer); got >= 0; got = in.read(buffer)) {
        all += got;
        if (all > MOST_BYTES) {
          throw OutfitFile.refused("outfitLargerThanFourGb", "has more than 4 GB");
        }
        out.write(buffer, 0, got);
      }
    }
  }

  private Backups kept() {
    @Nullable Backups all = backups.getIfAvailable();
    if (all == null) {
      throw Problem.conflict(Fact.of("refused.demoKeepsNothing"));
    }
    return all;
  }

  private static HttpHeaders named(String file) {
    HttpHeaders headers = new HttpHeaders();
    headers.setContentDisposition(ContentDisposition.attachment().filename(file).build());
    return headers;
  }
}
