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
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Keeps the plan in step with the shop, in the background: what changes the shop asks for it after
 * its commit, and so does time, because a cast that was not poured is put off and gates move with
 * the temperature. Changes come in bursts, and nobody looks at the plans in between: it is made
 * when no other has come for a moment, or at once when somebody reads it. Whoever reads the plan
 * waits a little for it, and is told where it still stands on the facts before.
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

  /** So long no other change has come before the plan is made for those that came. */
  private static final long QUIET_MS = 400;

  /** However many changes come, the plan follows so soon. */
  private static final long MOST_MS = 3_000;

  private static final long TICK_MS = 300_000;

  private static final long MS_NS = 1_000_000;

  private final Runnable plan;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          run -> {
            Thread thread = new Thread(run, "plan-keeper");
            thread.setDaemon(true);
            return thread;
          });
  private long asked;
  private long askedNs;
  private long done;
  private int readers;
  private boolean ended;

  @Autowired
  PlanKeeper(PlanService plans) {
    this(plans::renew);
  }

  PlanKeeper(Runnable plan) {
    this.plan = plan;
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
    askedNs = System.nanoTime();
    if (!ended) {
      worker.execute(this::keep);
    }
  }

  private void keep() {
    long upTo;
    synchronized (this) {
      awaitQuiet();
      upTo = asked;
      if (ended || done >= upTo) {
        // What came in between was seen to by the run before.
        return;
      }
    }
    try {
      plan.run();
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

  private synchronized void awaitQuiet() {
    long since = System.nanoTime();
    try {
      while (done < asked && readers == 0 && !ended) {
        long now = System.nanoTime();
        long until = Math.min(askedNs + QUIET_MS * MS_NS, since + MOST_MS * MS_NS);
        if (now >= until) {
          return;
        }
        wait(TimeUnit.NANOSECONDS.toMillis(until - now) + 1);
      }
    } catch (InterruptedException e) {
      // It is made at once.
      Thread.currentThread().interrupt();
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
    readers++;
    notifyAll();
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
    } finally {
      readers--;
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
      notifyAll();
      worker.shutdown();
    }
    if (!worker.awaitTermination(PATIENCE.toSeconds() * 4, TimeUnit.SECONDS)) {
      LOG.warn("The plan was still being made when the shop closed");
    }
  }
}
