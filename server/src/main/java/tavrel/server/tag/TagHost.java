package tavrel.server.tag;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tavrel.core.InvalidValue;

/**
 * The address at which phones reach this server, as {@code https://tavrel.lan:8443}: it stands in
 * every tag. One that only this machine answers to is no use on a hive.
 *
 * @param host the address, without a path
 */
record TagHost(String host) {

  private static final int LONGEST = 200;
  private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "0.0.0.0");

  /**
   * @throws InvalidValue if it is no address, or one that no phone reaches
   */
  public TagHost {
    host = InvalidValue.text("host", host, LONGEST).replaceAll("/+$", "");
    URI address = parsed(host);
    String scheme = address.getScheme();
    boolean web = "https".equals(scheme) || "http".equals(scheme);
    if (!web || address.getHost() == null || !orEmpty(address.getRawPath()).isEmpty()) {
      throw noAddress();
    }
    String name = address.getHost().toLowerCase(Locale.ROOT);
    if (OWN.contains(name) || name.startsWith("127.")) {
      throw new InvalidValue(
          "host",
          "onlyThisMachine",
          "is answered by this machine alone; phones need the name or number that it has in the network");
    }
  }

  private static URI parsed(String host) {
    try {
      return new URI(host);
    } catch (URISyntaxException broken) {
      throw noAddress();
    }
  }

  private static InvalidValue noAddress() {
    return new InvalidValue(
        "host", "noWebAddress", "is no address of a server; write it as https://tavrel.lan:8443");
  }

  private static String orEmpty(@Nullable String text) {
    return text == null ? "" : text;
  }

  /** What a tag says to a phone. */
  String addressOf(String code) {
    return host + "/t/" + code;
  }
}
