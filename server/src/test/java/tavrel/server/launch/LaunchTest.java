package tavrel.server.launch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tavrel.server.safekeeping.StartRefused;

class LaunchTest {

  private static final Path HOME = Path.of("/home/wren");

  @TempDir private Path folder;

  @Test
  void data_are_where_each_system_wants_them() {
    assertThat(DataFolder.usual("Linux", Map.of(), HOME))
        .hasToString("/home/wren/.local/share/tavrel");
    assertThat(DataFolder.usual("Linux", Map.of("XDG_DATA_HOME", "/x"), HOME))
        .hasToString("/x/tavrel");
    assertThat(DataFolder.usual("Linux", Map.of("STATE_DIRECTORY", "/var/lib/tavrel"), HOME))
        .hasToString("/var/lib/tavrel");
    assertThat(DataFolder.usual("Mac OS X", Map.of(), HOME))
        .hasToString("/home/wren/Library/Application Support/Tavrel");
    assertThat(DataFolder.usual("Windows 11", Map.of("LOCALAPPDATA", "/local"), HOME))
        .hasToString("/local/Tavrel");
  }

  @Test
  void nobody_else_on_this_machine_looks_into_the_data() throws Exception {
    Path data = folder.resolve("outfit");
    DataFolder.prepare(data);
    DataFolder.prepare(data);
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data)))
        .isEqualTo("rwx------");
    assertThat(data.resolve("weather")).isDirectory();
  }

  @Test
  void the_certificate_is_made_once_names_this_machine_and_may_vouch_for_itself() throws Exception {
    OwnCertificate own = OwnCertificate.of(folder);
    X509Certificate certificate =
        (X509Certificate)
            CertificateFactory.getInstance("X.509")
                .generateCertificate(
                    new ByteArrayInputStream(
                        Files.readString(own.file()).getBytes(StandardCharsets.US_ASCII)));
    assertThat(certificate.getSubjectAlternativeNames().toString())
        .contains("localhost")
        .contains("127.0.0.1");
    assertThat(certificate.getBasicConstraints()).isZero();
    assertThat(
            PosixFilePermissions.toString(
                Files.getPosixFilePermissions(folder.resolve("https.secret"))))
        .isEqualTo("rw-------");
    assertThat(OwnCertificate.of(folder)).isEqualTo(own);
    Files.writeString(folder.resolve("https.p12"), "broken");
    Files.delete(own.file());
    assertThatThrownBy(() -> OwnCertificate.of(folder))
        .isInstanceOf(StartRefused.class)
        .hasMessageContaining("Take https.p12, https.secret and https.crt out");
  }

  @Test
  void a_library_that_lacks_is_named_with_what_brings_it() {
    String known = "\tlibz.so.1 (libc6,x86-64) => /lib/libz.so.1\n";
    assertThatCode(() -> SystemLibraries.check(List.of("libz.so.1 zlib1g", ""), known))
        .doesNotThrowAnyException();
    assertThatThrownBy(
            () ->
                SystemLibraries.check(
                    List.of("libz.so.1 zlib1g", "liblcms2.so.2 liblcms2-2"), known))
        .isInstanceOf(StartRefused.class)
        .hasMessage("This machine lacks liblcms2.so.2. Install what brings it: liblcms2-2.");
  }
}
