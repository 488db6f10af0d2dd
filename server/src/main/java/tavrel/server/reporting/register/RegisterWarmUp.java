package tavrel.server.reporting.register;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Looks at the register once after the start, so that the first person does not wait for it: the
 * first look at half a million lines takes three times as long as the next.
 */
@Component
class RegisterWarmUp {

  private static final Logger LOG = LoggerFactory.getLogger(RegisterWarmUp.class);

  private final RegisterBook book;

  RegisterWarmUp(RegisterBook book) {
    this.book = book;
  }

  @EventListener(ApplicationReadyEvent.class)
  void afterTheStart() {
    Thread look = new Thread(this::look, "first-look");
    look.setDaemon(true);
    look.start();
  }

  private void look() {
    try {
      book.page(RegisterFilter.of(null, null, null, RegisterFilter.Only.ALL), 100, 0);
    } catch (RuntimeException stopped) {
      LOG.debug("The first look broke off.", stopped);
    }
  }
}
