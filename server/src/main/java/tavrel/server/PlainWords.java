package tavrel.server;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import tavrel.server.safekeeping.StartRefused;

/** Says in a sentence why the server does not start, where a keeper can do something about it. */
final class PlainWords implements SpringBootExceptionReporter {

  /** Made by Spring Boot, by the name in {@code META-INF/spring.factories}. */
  PlainWords(@Nullable ConfigurableApplicationContext unused) {}

  @Override
  public boolean reportException(Throwable failure) {
    for (Throwable each = failure; each != null; each = each.getCause()) {
      if (each instanceof StartRefused refused) {
        System.err.println("tavrel: " + refused.getMessage());
        return true;
      }
      if (each instanceof PortInUseException taken) {
        System.err.println(
            "tavrel: The port "
                + taken.getPort()
                + " is taken, perhaps by a Tavrel that runs already. Stop that one, or say --port"
                + " with another number.");
        return true;
      }
    }
    return false;
  }
}
