package ironshelf.workshop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.stereotype.Component;

/** The one clock of the application. The demo may set it ahead; a real shop never does. */
@Component
public class ShopClock extends Clock {

  private volatile Clock system;
  private volatile Duration ahead;

  ShopClock() {
    this(Clock.system(ZoneId.systemDefault()), Duration.ZERO);
  }

  private ShopClock(Clock system, Duration ahead) {
    this.system = system;
    this.ahead = ahead;
  }

  void setAhead(Duration ahead) {
    this.ahead = ahead;
  }

  /** The shop's own zone, whatever the machine's. */
  void setZone(ZoneId zone) {
    this.system = system.withZone(zone);
  }

  @Override
  public ZoneId getZone() {
    return system.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new ShopClock(system.withZone(zone), ahead);
  }

  /** Acts as if it were that moment: so a demo gets its past by the application's own acts. */
  public void during(Instant moment, Runnable acts) {
    Duration before = ahead;
    ahead = Duration.between(system.instant(), moment);
    try {
      acts.run();
    } finally {
      ahead = before;
    }
  }

  @Override
  public Instant instant() {
    return system.instant().plus(ahead);
  }
}
