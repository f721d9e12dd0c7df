package ironshelf.workshop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/** The one clock of the application. The demo may set it ahead; a real shop never does. */
@Component
public class ShopClock extends Clock {

  private final SteadyClock steady;
  private volatile Clock system;
  private volatile Duration ahead;

  /**
   * @param machine the clock of the machine; tests give their own, so that the day on which they
   *     run changes nothing
   */
  @Autowired
  ShopClock(@Qualifier("machine") ObjectProvider<InstantSource> machine) {
    this(
        new SteadyClock(
            machine.getIfAvailable(InstantSource::system).withZone(ZoneId.systemDefault()),
            System::nanoTime));
  }

  private ShopClock(SteadyClock steady) {
    this(steady, steady, Duration.ZERO);
  }

  private ShopClock(SteadyClock steady, Clock system, Duration ahead) {
    this.steady = steady;
    this.system = system;
    this.ahead = ahead;
  }

  /** By how much the machine's own clock was set back; nought as a rule. */
  Duration machineIsBehind() {
    return steady.behind();
  }

  /** Something is known to have happened at that moment. */
  void isNotBefore(Instant moment) {
    steady.isNotBefore(moment);
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
    return new ShopClock(steady, system.withZone(zone), ahead);
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
