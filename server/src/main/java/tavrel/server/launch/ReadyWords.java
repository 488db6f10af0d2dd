package tavrel.server.launch;

import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tavrel.server.people.FirstKeeper;

/** Says where the server is, and opens it in a browser if that was wanted. */
@Component
class ReadyWords {

  private final Reach reach;
  private final FirstKeeper firstKeeper;
  private final boolean browser;

  ReadyWords(
      Reach reach,
      FirstKeeper firstKeeper,
      @Value("${tavrel.open-browser:false}") boolean browser) {
    this.reach = reach;
    this.firstKeeper = firstKeeper;
    this.browser = browser;
  }

  @EventListener(ApplicationReadyEvent.class)
  void tell() {
    String here = reach.here();
    System.out.printf("%nTavrel is ready at %s%n", here);
    reach
        .fromOtherDevices()
        .forEach(each -> System.out.printf("On phones in this network: %s%n", each));
    String certificate = reach.certificate();
    if (certificate != null) {
      System.out.printf(
          "They must trust %s once; the page Safekeeping says how, under Phones.%n", certificate);
    }
    String code = firstKeeper.code();
    if (code != null) {
      System.out.printf(
          "Nobody has an account yet. Open %s/welcome and enter this code: %s%n", here, code);
    }
    System.out.println();
    if (browser) {
      LocalBrowser.open(here + first(code));
    }
  }

  /** Behind the hash it stays in the browser: no server and no log sees it. */
  private static String first(@Nullable String code) {
    return code == null ? "/" : "/welcome#" + code;
  }
}
