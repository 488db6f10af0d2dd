package tavrel.server.http;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Properties;
import org.jspecify.annotations.Nullable;

/**
 * Which program this is.
 *
 * @param version of the release, or "development" where it was not packed
 * @param commit the state of the sources that it was built from, or null where nobody can tell
 * @param at when that state was written down, or null
 */
public record ProgramVersion(String version, @Nullable String commit, @Nullable Instant at) {

  private static final ProgramVersion THIS =
      of(read("/META-INF/build-info.properties"), read("/git.properties"));

  /** The one that runs. */
  public static ProgramVersion running() {
    return THIS;
  }

  /** From what was written down when it was built; a folder without git tells the version alone. */
  static ProgramVersion of(Properties build, Properties sources) {
    String at = sources.getProperty("git.commit.time", "");
    String commit = sources.getProperty("git.commit.id.abbrev", "");
    return new ProgramVersion(
        build.getProperty("build.version", "development"),
        commit.isEmpty() ? null : commit,
        at.isEmpty() ? null : OffsetDateTime.parse(at).toInstant());
  }

  /** In a line: version and state of the sources. */
  public String inShort() {
    return commit == null ? version : version + " (" + commit + ")";
  }

  private static Properties read(String name) {
    Properties read = new Properties();
    try (InputStream in = ProgramVersion.class.getResourceAsStream(name)) {
      if (in != null) {
        read.load(in);
      }
      return read;
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
