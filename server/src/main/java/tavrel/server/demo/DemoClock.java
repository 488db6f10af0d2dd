package tavrel.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * A clock that starts at the same dawn every time and then runs as clocks do. While the sample data
 * are made it is moved through the weeks before; whoever practises may move it on.
 */
@Component
@Profile("demo")
class DemoClock extends Clock {

  /** A dawn in mid-August, 04:40 in the made-up outfit's zone: a few minutes after sunrise. */
  static final Instant DAWN = Instant.parse("2026-08-18T06:40:00Z");

  private final Clock system = Clock.systemUTC();
  private volatile Duration offset = Duration.between(system.instant(), DAWN);

  void moveTo(Instant moment) {
    offset = Duration.between(system.instant(), moment);
  }

  /** Lets time pass at once. */
  synchronized void moveOn(Duration by) {
    offset = offset.plus(by);
  }

  @Override
  public Instant instant() {
    return system.instant().plus(offset);
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    throw new UnsupportedOperationException("The demo clock tells instants only.");
  }
}
