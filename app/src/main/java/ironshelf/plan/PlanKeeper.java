package ironshelf.plan;

import ironshelf.act.Changed;
import java.time.Duration;
import java.util.Collections;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Keeps the plan in step with the shop, in the background: what changes the shop asks for it after
 * its commit, and so does time, because a cast that was not poured is put off and gates move with
 * the temperature. Whoever reads the plan waits a little for it, and is told where it still stands
 * on the facts before.
 */
@Component
public class PlanKeeper {

  private static final Logger LOG = LoggerFactory.getLogger(PlanKeeper.class);

  /** What a plan stands on. A pour's own presses change its casts when it fills a copy. */
  private static final Set<String> FACTS =
      Set.of(
          "allotments",
          "cast_stays",
          "casts",
          "colourways",
          "copies",
          "lots",
          "moulds",
          "movements",
          "order_lines",
          "orders",
          "piece_steps",
          "pieces",
          "pour_sessions",
          "products",
          "recipes",
          "routes",
          "stations",
          "step_acts",
          "workshop");

  /** A page never waits longer for a large shop's plan. */
  private static final Duration PATIENCE = Duration.ofSeconds(3);

  private static final long TICK_MS = 300_000;

  private final PlanService plans;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          run -> {
            Thread thread = new Thread(run, "plan-keeper");
            thread.setDaemon(true);
            return thread;
          });
  private long asked;
  private long done;
  private boolean ended;

  PlanKeeper(PlanService plans) {
    this.plans = plans;
  }

  @EventListener
  void changed(Changed change) {
    if (!Collections.disjoint(change.tables(), FACTS)) {
      renew();
    }
  }

  @EventListener(ApplicationReadyEvent.class)
  void started() {
    renew();
  }

  @Scheduled(initialDelay = TICK_MS, fixedDelay = TICK_MS)
  void timeWentOn() {
    renew();
  }

  /** Asks for the plan to be made again. */
  synchronized void renew() {
    asked++;
    if (!ended) {
      worker.execute(this::keep);
    }
  }

  private void keep() {
    long upTo;
    synchronized (this) {
      upTo = asked;
      if (ended || done >= upTo) {
        // What came in between was seen to by the run before.
        return;
      }
    }
    try {
      plans.renew();
    } catch (ConcurrencyFailureException e) {
      LOG.info("The plan was changed while it was made again; once more: {}", e.getMessage());
      renew();
      return;
    } catch (RuntimeException e) {
      LOG.error("The plan could not be renewed; it stays as it was", e);
    }
    synchronized (this) {
      done = upTo;
      notifyAll();
    }
  }

  /**
   * Waits until the plan stands on all that was kept before, for so long as a page may take.
   *
   * @return whether it does
   */
  public synchronized boolean isRenewed() {
    long wanted = asked;
    long until = System.nanoTime() + PATIENCE.toNanos();
    try {
      while (done < wanted) {
        long left = TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
        if (left <= 0) {
          return false;
        }
        wait(left);
      }
      return true;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  /**
   * Waits for a run that goes on: to interrupt it would close the database under it. Before
   * anything is taken down, since what the run uses may be made when it is first used.
   */
  @EventListener(ContextClosedEvent.class)
  void end() throws InterruptedException {
    synchronized (this) {
      ended = true;
      worker.shutdown();
    }
    if (!worker.awaitTermination(PATIENCE.toSeconds() * 4, TimeUnit.SECONDS)) {
      LOG.warn("The plan was still being made when the shop closed");
    }
  }
}
