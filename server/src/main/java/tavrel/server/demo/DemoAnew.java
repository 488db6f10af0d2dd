package tavrel.server.demo;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Profile;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.Fact;
import tavrel.server.http.Problem;
import tavrel.server.people.AllowedToAnyone;
import tavrel.server.safekeeping.Restart;

/** Begins the demo anew, for the next who wants to try: what was done in it is gone. */
@RestController
@Profile("demo & !large")
class DemoAnew {

  private final JdbcTemplate database;
  private final ObjectProvider<Restart> restart;
  private final AtomicBoolean made = new AtomicBoolean();

  DemoAnew(JdbcTemplate database, ObjectProvider<Restart> restart) {
    this.database = database;
    this.restart = restart;
  }

  @EventListener(ApplicationReadyEvent.class)
  void ready() {
    made.set(true);
  }

  /**
   * Makes the sample data as they were at the first start. The answer comes before it begins.
   *
   * @throws Problem 409 while they are being made
   */
  @AllowedToAnyone
  @ResponseStatus(HttpStatus.ACCEPTED)
  @PostMapping("/api/demo/anew")
  void begin() {
    if (!made.compareAndSet(true, false)) {
      throw Problem.conflict(Fact.of("refused.sampleDataBeingMade"));
    }
    restart.ifAvailable(Restart::soon);
  }

  /** The data are in memory, which outlives this start of the application. */
  @PreDestroy
  void forget() {
    database.execute("drop all objects");
  }
}
