package tavrel.server.http;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.boot.info.GitProperties;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which program this is, for whoever asks for help with it. */
@RestController
class VersionResource {

  /**
   * A program's version.
   *
   * @param version of the release, or "development" where it was not packed
   * @param commit the state of the sources that it was built from, or null where nobody can tell
   * @param at when that state was written down, or null
   */
  record ProgramVersion(String version, @Nullable String commit, @Nullable Instant at) {}

  private final ProgramVersion version;

  VersionResource(ObjectProvider<BuildProperties> build, ObjectProvider<GitProperties> git) {
    BuildProperties packed = build.getIfAvailable();
    GitProperties sources = git.getIfAvailable();
    version =
        new ProgramVersion(
            packed == null ? "development" : packed.getVersion(),
            sources == null ? null : sources.getShortCommitId(),
            sources == null ? null : sources.getCommitTime());
  }

  @GetMapping("/api/version")
  ProgramVersion version() {
    return version;
  }
}
