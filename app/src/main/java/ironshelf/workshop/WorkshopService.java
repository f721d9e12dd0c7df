package ironshelf.workshop;

import static java.util.Objects.requireNonNull;

import ironshelf.http.problem.ProblemException;
import ironshelf.style.ShopStyle;
import ironshelf.style.ShopWriter;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The shop's settings and its clock. */
@Service
@Transactional
public class WorkshopService {

  private static final Logger LOG = LoggerFactory.getLogger(WorkshopService.class);

  private final WorkshopRepository workshops;
  private final ShopClock clock;
  private final ShopWriter writer;
  private final ApplicationEventPublisher events;

  WorkshopService(
      WorkshopRepository workshops,
      ShopClock clock,
      ShopWriter writer,
      ApplicationEventPublisher events) {
    this.workshops = workshops;
    this.clock = clock;
    this.writer = writer;
    this.events = events;
  }

  /**
   * Opens the data folder's shop, or founds it. A folder is a demo or a real shop for good: what it
   * was founded as wins over what is asked for now.
   *
   * @return whether it was founded just now
   */
  public boolean open(boolean demo) {
    Workshop workshop = workshops.findById(Workshop.ONLY_ID).orElse(null);
    if (workshop == null) {
      use(workshops.save(new Workshop(demo ? "Saltmarsh Cast" : "Our workshop", demo)).style());
      return true;
    }
    if (workshop.demo() != demo) {
      LOG.warn(
          "This data folder holds a {}, and stays one. Choose another folder for a {}.",
          workshop.demo() ? "demo" : "real shop",
          demo ? "demo" : "real shop");
    }
    clock.setAhead(Duration.ofSeconds(workshop.clockAheadS()));
    use(workshop.style());
    return false;
  }

  private void use(ShopStyle style) {
    writer.use(style);
    clock.setZone(ZoneId.of(requireNonNull(style.zone())));
  }

  /**
   * Waits for the turn to give out a number that is one more than the last, until the transaction
   * ends: two who look for the last at once would find the same.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void awaitTurn() {
    if (workshops.locked().isEmpty()) {
      throw new IllegalStateException("the shop is not founded yet");
    }
  }

  @Transactional(readOnly = true)
  public WorkshopView view() {
    return only().view(clock.instant(), clock.machineIsBehind());
  }

  /** Keeps the shop's own measures, at the version that was seen. */
  public WorkshopView change(long seenVersion, WorkshopChange to) {
    Workshop workshop = only();
    if (workshop.version() != seenVersion) {
      throw ProblemException.stale();
    }
    workshop.change(to);
    WorkshopView changed =
        workshops.saveAndFlush(workshop).view(clock.instant(), clock.machineIsBehind());
    use(changed.style());
    return changed;
  }

  /** Sets the demo's clock ahead by so much more. */
  public WorkshopView forward(Duration by) {
    Workshop workshop = only();
    if (!workshop.demo()) {
      throw ProblemException.conflict("standIn.absent", Map.of());
    }
    Instant before = clock.instant();
    workshop.moveClock(workshop.clockAheadS() + by.toSeconds());
    clock.setAhead(Duration.ofSeconds(workshop.clockAheadS()));
    events.publishEvent(new ClockMoved(before, clock.instant()));
    return workshop.view(clock.instant(), clock.machineIsBehind());
  }

  private Workshop only() {
    return workshops.findById(Workshop.ONLY_ID).orElseThrow();
  }
}
