package tavrel.server.launch;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** By which addresses this server is reached. */
@Component
class Reach {

  private final Environment environment;

  Reach(Environment environment) {
    this.environment = environment;
  }

  /** For a browser on this machine. */
  String here() {
    return address("localhost");
  }

  /** For other devices in its networks; empty where this machine alone is answered. */
  List<String> fromOtherDevices() {
    try {
      InetAddress answered =
          InetAddress.getByName(environment.getProperty("server.address", "127.0.0.1"));
      if (answered.isLoopbackAddress()) {
        return List.of();
      }
      return (answered.isAnyLocalAddress() ? OwnCertificate.addresses() : List.of(answered))
          .stream().map(each -> address(each.getHostAddress())).toList();
    } catch (UnknownHostException none) {
      return List.of();
    }
  }

  /** Whether what goes over the network cannot be read on its way. */
  boolean secure() {
    return environment.getProperty("server.ssl.bundle") != null
        || environment.getProperty("server.ssl.key-store") != null;
  }

  /** The file that phones must trust, where this machine made its certificate itself. */
  @Nullable String certificate() {
    return environment.getProperty("tavrel.certificate");
  }

  private String address(String host) {
    String port =
        environment.getProperty(
            "local.server.port", environment.getProperty("server.port", "8484"));
    return (secure() ? "https" : "http") + "://" + host + ":" + port;
  }
}
