package tavrel.server.launch;

import java.io.IOException;
import java.io.InputStream;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.stream.Collectors;
import tavrel.server.safekeeping.StartRefused;

/**
 * A certificate that this machine makes for itself, once. It is its own authority, so that a phone
 * can be told to trust it.
 *
 * @param store file with key and certificate
 * @param secret what opens it
 * @param file the certificate alone, for phones
 */
record OwnCertificate(Path store, String secret, Path file) {

  static final String ALIAS = "tavrel";

  private static final int VALID_DAYS = 820;
  private static final int SECRET_BYTES = 24;

  /** The one of a data folder; made if there is none. */
  static OwnCertificate of(Path folder) {
    Path store = folder.resolve("https.p12");
    Path secret = folder.resolve("https.secret");
    Path file = folder.resolve("https.crt");
    try {
      if (!Files.exists(store)) {
        make(store, secret);
      }
      OwnCertificate own = new OwnCertificate(store, Files.readString(secret).strip(), file);
      if (!Files.exists(file)) {
        Files.writeString(file, own.text());
      }
      return own;
    } catch (IOException | GeneralSecurityException broken) {
      throw new StartRefused(
          ("The certificate in %s cannot be read or made (%s). Take https.p12, https.secret and"
                  + " https.crt out of it and start again.")
              .formatted(folder, broken.getMessage()));
    }
  }

  /** Addresses of this machine in its networks, loopback left out. */
  static List<InetAddress> addresses() {
    try {
      return NetworkInterface.networkInterfaces()
          .flatMap(NetworkInterface::inetAddresses)
          .filter(each -> each instanceof Inet4Address && !each.isLoopbackAddress())
          .toList();
    } catch (IOException none) {
      return List.of();
    }
  }

  private static void make(Path store, Path secret) throws IOException {
    byte[] drawn = new byte[SECRET_BYTES];
    new SecureRandom().nextBytes(drawn);
    Files.deleteIfExists(secret);
    Files.createFile(secret);
    forOwnerAlone(secret);
    Files.writeString(secret, Base64.getEncoder().encodeToString(drawn));
    String host = InetAddress.getLocalHost().getHostName().replaceAll("[^A-Za-z0-9.-]", "");
    Process keytool =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                ALIAS,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-validity",
                String.valueOf(VALID_DAYS),
                "-dname",
                "CN=Tavrel on " + host,
                "-ext",
                "san=" + names(host),
                "-ext",
                "bc:critical=ca:true,pathlen:0",
                "-ext",
                "eku=serverAuth",
                "-storetype",
                "PKCS12",
                "-keystore",
                store.toString(),
                "-storepass:file",
                secret.toString())
            .redirectErrorStream(true)
            .start();
    String said =
        new String(keytool.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    try {
      if (keytool.waitFor() != 0) {
        throw new IOException(said);
      }
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      throw new IOException(interrupted);
    }
    forOwnerAlone(store);
  }

  private static void forOwnerAlone(Path file) throws IOException {
    if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    }
  }

  private static String names(String host) {
    List<String> names = new ArrayList<>(List.of("dns:localhost", "ip:127.0.0.1"));
    addresses().forEach(each -> names.add("ip:" + each.getHostAddress()));
    if (host.matches("[A-Za-z].*")) {
      names.add("dns:" + host);
    }
    return names.stream().distinct().collect(Collectors.joining(","));
  }

  private String text() throws IOException, GeneralSecurityException {
    KeyStore keys = KeyStore.getInstance("PKCS12");
    try (InputStream in = Files.newInputStream(store)) {
      keys.load(in, secret.toCharArray());
    }
    return "-----BEGIN CERTIFICATE-----\n"
        + Base64.getMimeEncoder(64, new byte[] {'\n'})
            .encodeToString(keys.getCertificate(ALIAS).getEncoded())
        + "\n-----END CERTIFICATE-----\n";
  }
}
