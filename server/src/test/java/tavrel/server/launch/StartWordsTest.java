package tavrel.server.launch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tavrel.server.launch.StartWords.Task;
import tavrel.server.safekeeping.StartRefused;

class StartWordsTest {

  private static final Path USUAL = Path.of("/data/usual");

  @Test
  void no_word_at_all_serves_this_machine_alone_and_opens_a_browser_where_it_is_installed() {
    assertThat(StartWords.isFor(List.of(), true)).isTrue();
    assertThat(StartWords.isFor(List.of(), false)).isFalse();
    StartWords words = StartWords.read(List.of(), USUAL, true);
    assertThat(words)
        .isEqualTo(new StartWords(Task.SERVE, USUAL, null, 8484, "127.0.0.1", false, true));
    assertThat(StartWords.read(List.of("serve"), USUAL, false).browser()).isFalse();
    assertThat(StartWords.read(List.of("--no-browser"), USUAL, true).browser()).isFalse();
  }

  @Test
  void phones_come_in_over_every_address_and_only_with_a_certificate() {
    StartWords words = StartWords.read(List.of("--phones", "--port", "9000"), USUAL, true);
    assertThat(words.address()).isEqualTo("0.0.0.0");
    assertThat(words.https()).isTrue();
    assertThat(words.port()).isEqualTo(9000);
  }

  @Test
  void a_backup_is_brought_into_the_folder_that_is_named() {
    StartWords words =
        StartWords.read(List.of("restore", "/b/tavrel.zip", "--data", "/d"), USUAL, false);
    assertThat(words.task()).isEqualTo(Task.RESTORE);
    assertThat(words.file()).isEqualTo(Path.of("/b/tavrel.zip"));
    assertThat(words.data()).isEqualTo(Path.of("/d"));
    assertThat(words.browser()).isFalse();
  }

  @Test
  void settings_of_the_framework_are_handed_on() {
    assertThat(StartWords.isFor(List.of("--spring.profiles.active=demo"), true)).isFalse();
    assertThat(StartWords.isFor(List.of("--tavrel.data=/d"), true)).isFalse();
    assertThat(StartWords.isFor(List.of("--port", "9"), true)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "serve --colour, --colour is not understood",
    "serve --data, --data needs a value",
    "serve --data --https, --data needs a value",
    "serve --port many, many is no port",
    "serve --port 70000, 70000 is no port",
    "restore, restore needs the backup's file",
    "restore a b, b is not understood",
    "backup a, a is not understood"
  })
  void what_is_not_understood_is_refused_by_its_word(String typed, String says) {
    assertThatThrownBy(() -> StartWords.read(List.of(typed.split(" ")), USUAL, false))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining(says);
  }
}
