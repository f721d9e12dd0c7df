package ironshelf.plan;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.http.problem.ProblemException;
import ironshelf.plan.basis.PlanBasis;
import ironshelf.plan.basis.PlanContent;
import ironshelf.plan.basis.PlanFacts;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan: made, renewed when the facts change, moved by hand, undone. */
@Service
public class PlanService {

  /** A cast that moves by less is where it was; so long after its time it is put off. */
  private static final Duration PUT_OFF = Duration.ofMinutes(30);

  private final PlanRepository plans;
  private final PlanSearchRepository searches;
  private final PlanFacts facts;
  private final PlanMaker maker;
  private final Clock clock;

  PlanService(
      PlanRepository plans,
      PlanSearchRepository searches,
      PlanFacts facts,
      PlanMaker maker,
      Clock clock) {
    this.plans = plans;
    this.searches = searches;
    this.facts = facts;
    this.maker = maker;
    this.clock = clock;
  }

  /** Lays out all casts anew. */
  @Transactional
  public void make() {
    Optional<PlanEntity> before = current();
    PlanBasis basis = facts.basis(pins(before));
    keep(PlanCause.ASKED, basis, first(basis, before));
  }

  /** Lays the plan again on the shop as it is now; kept where it becomes another. */
  @Transactional
  public void renew() {
    Optional<PlanEntity> before = current();
    if (before.isEmpty()) {
      return;
    }
    PlanEntity plan = before.get();
    PlanBasis basis = facts.basis(pins(before));
    PlanContent content = maker.content(basis, first(basis, before));
    if (content.isAlike(plan.content(), PUT_OFF)) {
      return;
    }
    boolean today = date(plan.madeAt()).equals(LocalDate.now(clock));
    if (plan.cause() == PlanCause.FACTS && today) {
      plan.replace(clock.instant(), content);
    } else {
      plans.saveAndFlush(new PlanEntity(clock.instant(), PlanCause.FACTS, content));
    }
  }

  private static CastPlan first(PlanBasis basis, Optional<PlanEntity> before) {
    return new PlanSearch(basis.request(), casts(before)).first();
  }

  private static List<PlannedCast> casts(Optional<PlanEntity> plan) {
    return plan.map(p -> p.content().plan().casts()).orElse(List.of());
  }

  /** A pin that cannot be kept any more is let go. */
  private List<PinnedCast> pins(Optional<PlanEntity> plan) {
    List<PinnedCast> all =
        casts(plan).stream().filter(PlannedCast::pinned).map(PlanService::pin).toList();
    if (all.isEmpty()) {
      return all;
    }
    return new ScheduleBuilder(facts.basis(all).request()).kept();
  }

  private static PinnedCast pin(PlannedCast cast) {
    return new PinnedCast(cast.order(), cast.product(), cast.copy(), cast.pourAt());
  }

  /**
   * Puts a cast elsewhere, and everything after it.
   *
   * @param planId of the plan that was seen
   * @param castNo of its casts
   * @param copyId of the same mould
   * @throws ironshelf.core.quantity.RefusedException with the reason, where it cannot be there
   */
  @Transactional
  public void move(long planId, int castNo, long copyId, LocalDateTime pourAt) {
    PlanContent content = seen(planId).content();
    PlannedCast cast = cast(content, castNo);
    int copy = content.copies().get(cast.mould()).indexOf(copyId) + 1;
    if (copy == 0) {
      throw ProblemException.unknown("copy of that mould", copyId);
    }
    PinnedCast wanted = new PinnedCast(cast.order(), cast.product(), copy, pourAt);
    replan(content, castNo, Optional.of(wanted));
  }

  /** Lets a cast go that was put somewhere. */
  @Transactional
  public void letGo(long planId, int castNo) {
    replan(seen(planId).content(), castNo, Optional.empty());
  }

  private void replan(PlanContent content, int castNo, Optional<PinnedCast> wanted) {
    List<PinnedCast> pins = new ArrayList<>();
    List<PlannedCast> others = new ArrayList<>();
    List<PlannedCast> casts = content.plan().casts();
    for (int i = 0; i < casts.size(); i++) {
      if (i != castNo) {
        others.add(casts.get(i));
        if (casts.get(i).pinned()) {
          pins.add(pin(casts.get(i)));
        }
      }
    }
    wanted.ifPresent(pins::add);
    PlanBasis basis = facts.basis(pins);
    ScheduleBuilder pass = new ScheduleBuilder(basis.request());
    if (wanted.isPresent() && !pass.kept().contains(wanted.get())) {
      pass.unkept().orRefuse();
    }
    keep(PlanCause.MOVED, basis, pass.plan(pass.asIn(others)));
  }

  private static PlannedCast cast(PlanContent content, int castNo) {
    List<PlannedCast> casts = content.plan().casts();
    if (castNo < 0 || castNo >= casts.size()) {
      throw ProblemException.unknown("cast of the plan", castNo);
    }
    return casts.get(castNo);
  }

  /** Goes back to the plan before. */
  @Transactional
  public void undo(long planId) {
    PlanEntity plan = seen(planId);
    if (plans.countByUndoneAtIsNull() < 2) {
      throw ProblemException.conflict("plan.noneBefore", Map.of());
    }
    plan.undo(clock.instant());
  }

  private PlanEntity seen(long planId) {
    PlanEntity plan = current().orElseThrow(() -> ProblemException.unknown("plan", planId));
    if (plan.id() != planId) {
      throw ProblemException.stale();
    }
    return plan;
  }

  /** Keeps a plan that a promise stands on. */
  @Transactional
  public void promise(Function<PlanBasis, CastPlan> planning) {
    PlanBasis basis = facts.basis(pins(current()));
    keep(PlanCause.PROMISE, basis, planning.apply(basis));
  }

  /** Returns the casts of the current plan in the order in which they were scheduled. */
  @Transactional(readOnly = true)
  public List<PlannedCast> casts() {
    return casts(current());
  }

  /** What is pinned and still can be. */
  @Transactional(readOnly = true)
  public List<PinnedCast> pins() {
    return pins(current());
  }

  /** A search that begins with the plan as it is. */
  @Transactional(readOnly = true)
  PlanSearch search() {
    return new PlanSearch(facts.basis(pins(current())).request(), casts(current()));
  }

  /** Keeps what a search found, unless the plan is better by now. */
  @Transactional
  void finish(CastPlan found) {
    PlanEntity plan = current().orElseThrow();
    PlanBasis basis = facts.basis(pins(Optional.of(plan)));
    ScheduleBuilder pass = new ScheduleBuilder(basis.request());
    CastPlan again = pass.plan(pass.asIn(found.casts()));
    if (again.outcome().compareTo(plan.content().plan().outcome()) < 0) {
      plan.replace(clock.instant(), maker.content(basis, again));
      plans.saveAndFlush(plan);
    }
  }

  /** For how long a search is still to look; nothing where none runs. */
  @Transactional(readOnly = true)
  Optional<Duration> searchLeft() {
    return searches
        .findById(PlanSearchEntity.ONLY_ID)
        .map(s -> Duration.ofMillis(Math.round(s.secondsLeft() * 1_000)));
  }

  /** Notes that; nought when it has ended. */
  @Transactional
  void keepSearchLeft(Duration left) {
    if (left.isZero()) {
      searches.deleteAll();
    } else {
      searches.save(new PlanSearchEntity(left.toMillis() / 1_000.0));
    }
  }

  private void keep(PlanCause cause, PlanBasis basis, CastPlan plan) {
    plans.saveAndFlush(new PlanEntity(clock.instant(), cause, maker.content(basis, plan)));
  }

  private Optional<PlanEntity> current() {
    return plans.findFirstByUndoneAtIsNullOrderByIdDesc();
  }

  private LocalDate date(Instant at) {
    return LocalDate.ofInstant(at, clock.getZone());
  }
}
