package ironshelf.plan;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.http.EventStream;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One search at a time, in the background; who listens is told of each better plan. */
@Component
class PlanRuns {

  private static final Logger LOG = LoggerFactory.getLogger(PlanRuns.class);
  private static final long ENDS_WITHIN_S = 10;

  /** So often what is best so far is kept, with the time that is left. */
  private static final Duration SLICE = Duration.ofSeconds(2);

  /**
   * How a search goes.
   *
   * @param ofSeconds after which it ends by itself
   * @param better plans found so far
   * @param lateDays of the best, by weight; null before the first
   */
  public record Progress(
      boolean running,
      double seconds,
      double ofSeconds,
      int better,
      @Nullable Double lateDays,
      @Nullable Long darkToLight) {}

  private final PlanService plans;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          run -> {
            Thread thread = new Thread(run, "plan-search");
            thread.setDaemon(true);
            return thread;
          });
  private final EventStream listeners = new EventStream();
  private volatile Progress progress = new Progress(false, 0, 0, 0, null, null);
  private volatile @Nullable PlanSearch search;
  private volatile long startedNs;
  private volatile boolean stopped;

  /** Whether the shop closes: the search is to go on when it opens again. */
  private volatile boolean ending;

  PlanRuns(PlanService plans) {
    this.plans = plans;
  }

  /** Makes a plan at once, and then looks for better ones for so long. */
  synchronized Progress start(Duration atMost) {
    stop();
    plans.make();
    return look(atMost);
  }

  /** Goes on with a search that a restart cut off. */
  @EventListener(ApplicationReadyEvent.class)
  synchronized void resume() {
    plans.searchLeft().filter(left -> left.compareTo(SLICE) > 0).ifPresent(this::look);
  }

  private Progress look(Duration atMost) {
    PlanSearch started = plans.search();
    search = started;
    stopped = false;
    startedNs = System.nanoTime();
    tell(started, new Progress(true, 0, atMost.toSeconds(), 0, null, null));
    worker.execute(() -> run(started, atMost));
    return progress;
  }

  private void run(PlanSearch started, Duration atMost) {
    try {
      Duration left = atMost;
      // A newer one began from the plan as it is kept: what this one found is of before.
      while (!left.isZero() && !left.isNegative() && !stopped && search == started) {
        plans.keepSearchLeft(left);
        Duration slice = left.compareTo(SLICE) < 0 ? left : SLICE;
        CastPlan found = started.search(slice, better -> better(started, better, atMost));
        if (search == started) {
          plans.finish(found);
        }
        left = left.minus(slice);
      }
      if (search == started && !ending) {
        plans.keepSearchLeft(Duration.ZERO);
      }
    } catch (RuntimeException e) {
      LOG.error("A search for a better plan failed; the plan stays as it was", e);
    } finally {
      Progress last = progress;
      tell(
          started,
          new Progress(
              false,
              seconds(),
              last.ofSeconds(),
              last.better(),
              last.lateDays(),
              last.darkToLight()));
    }
  }

  private void better(PlanSearch of, Objective better, Duration atMost) {
    tell(
        of,
        new Progress(
            true,
            seconds(),
            atMost.toSeconds(),
            progress.better() + 1,
            better.lateDays(),
            better.darkToLight()));
  }

  private double seconds() {
    return (System.nanoTime() - startedNs) / 1e9;
  }

  /** Ends a search; what it found so far is kept. */
  void stop() {
    PlanSearch running = search;
    stopped = true;
    if (running != null) {
      running.stop();
    }
  }

  Progress progress() {
    return progress;
  }

  SseEmitter listen() {
    return listeners.listen(progress);
  }

  /** Tells how a search goes, unless a newer one has begun. */
  private void tell(PlanSearch of, Progress now) {
    if (search != of) {
      return;
    }
    progress = now;
    listeners.tell(now);
  }

  /** Before anything is taken down: what the run uses may be made when it is first used. */
  @EventListener(ContextClosedEvent.class)
  void end() throws InterruptedException {
    ending = true;
    stop();
    worker.shutdown();
    // To interrupt what is being kept would close the database under it.
    if (!worker.awaitTermination(ENDS_WITHIN_S, TimeUnit.SECONDS)) {
      LOG.warn("A search for a better plan was still running when the shop closed");
    }
  }
}
