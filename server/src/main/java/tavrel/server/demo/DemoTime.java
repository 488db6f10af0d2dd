package tavrel.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Profile;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.InvalidValue;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;
import tavrel.server.run.Round;
import tavrel.server.run.Rounds;
import tavrel.server.run.RunMoved;

/** Moves the demo's clock on: bowls heat and hives wait in no time. No keeper's outfit has this. */
@RestController
@Profile("demo")
class DemoTime {

  private static final int MOST_AT_ONCE = 3_600;

  /**
   * How far.
   *
   * @param seconds from now, s
   */
  record Forward(double seconds) {

    Forward {
      InvalidValue.inRange("seconds", seconds, 0, MOST_AT_ONCE, "s");
    }
  }

  /**
   * Where the clock stands then.
   *
   * @param now the demo's time
   */
  record DemoNow(Instant now) {}

  private final DemoClock clock;
  private final Rounds rounds;
  private final ApplicationEventPublisher events;

  DemoTime(DemoClock clock, Rounds rounds, ApplicationEventPublisher events) {
    this.clock = clock;
    this.rounds = rounds;
    this.events = events;
  }

  /** Every screen that looks at a run is told, so that it learns the time. */
  @AllowedTo({Role.KEEPER, Role.CREW, Role.READER})
  @PostMapping("/api/demo/clock")
  DemoNow moveOn(@RequestBody Forward forward) {
    clock.moveOn(Duration.ofMillis(Math.round(forward.seconds() * 1_000)));
    for (Round round : rounds.open()) {
      events.publishEvent(new RunMoved(round.id(), List.of()));
    }
    return new DemoNow(clock.instant());
  }
}
