package tavrel.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Properties;
import org.junit.jupiter.api.Test;

class ProgramVersionTest {

  private final Properties build = new Properties();
  private final Properties sources = new Properties();

  @Test
  void a_program_tells_its_version_and_the_state_of_its_sources() {
    build.setProperty("build.version", "0.1.0");
    sources.setProperty("git.commit.id.abbrev", "885d459");
    sources.setProperty("git.commit.time", "2026-11-29T14:25:22Z");
    ProgramVersion version = ProgramVersion.of(build, sources);
    assertThat(version.inShort()).isEqualTo("0.1.0 (885d459)");
    assertThat(version.at()).isEqualTo(Instant.parse("2026-11-29T14:25:22Z"));
  }

  @Test
  void built_from_a_folder_without_git_it_tells_the_version_alone() {
    build.setProperty("build.version", "0.1.0");
    assertThat(ProgramVersion.of(build, sources).inShort()).isEqualTo("0.1.0");
    assertThat(ProgramVersion.of(new Properties(), sources).inShort()).isEqualTo("development");
  }
}
