package ironshelf.core.plan.whatif;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanChange;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.core.quantity.Findings;
import java.time.DayOfWeek;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Changes to a shop that are tried together.
 *
 * @param moreCopies of moulds, by their names; 1 to 20 each
 * @param morePeople who work at once, 0 to 10
 * @param longerMin each day, 0 to 480
 * @param alsoOn a day of the week more; null: none
 * @param warmPlace null: none
 */
public record WhatIf(
    Map<String, Integer> moreCopies,
    int morePeople,
    int longerMin,
    @Nullable DayOfWeek alsoOn,
    @Nullable WarmPlace warmPlace) {

  private static final int MOST_PEOPLE = 50;

  public WhatIf {
    moreCopies = Map.copyOf(moreCopies);
    Findings findings =
        new Findings()
            .within("morePeople", morePeople, 0, 10)
            .within("longerMin", longerMin, 0, 480);
    moreCopies.forEach((mould, more) -> findings.within("moreCopies." + mould, more, 1, 20));
    findings.orRefuse();
  }

  /** Returns the same changes with more copies of a mould. */
  public WhatIf copies(String mould, int more) {
    Map<String, Integer> all = new HashMap<>(moreCopies);
    all.put(mould, more);
    return new WhatIf(all, morePeople, longerMin, alsoOn, warmPlace);
  }

  /** Returns the same changes with more people. */
  public WhatIf people(int more) {
    return new WhatIf(moreCopies, more, longerMin, alsoOn, warmPlace);
  }

  /** Returns the same changes with longer days. */
  public WhatIf longer(int minutes) {
    return new WhatIf(moreCopies, morePeople, minutes, alsoOn, warmPlace);
  }

  /** Returns the same changes with one more day of the week. */
  public WhatIf also(DayOfWeek day) {
    return new WhatIf(moreCopies, morePeople, longerMin, day, warmPlace);
  }

  /**
   * The plan without and with the changes.
   *
   * @param inWarmPlace the products that set there
   */
  public record Tried(CastPlan before, CastPlan after, Set<String> inWarmPlace) {
    public Tried {
      inWarmPlace = Collections.unmodifiableSet(new LinkedHashSet<>(inWarmPlace));
    }
  }

  /**
   * Plans with the changes. The plan never gets worse, since nobody has to use what is added.
   *
   * @param planned the casts of the plan as it is
   */
  public Tried in(PlanRequest request, List<PlannedCast> planned) {
    return in(request, planned, before(request, planned));
  }

  /** Returns the plan without the changes, made in the same way, so that only they differ. */
  public static CastPlan before(PlanRequest request, List<PlannedCast> planned) {
    return new PlanSearch(request, planned).first();
  }

  /**
   * Plans with the changes beside a known plan without them.
   *
   * @param before from {@link #before}
   */
  public Tried in(PlanRequest request, List<PlannedCast> planned, CastPlan before) {
    PlanRequest larger = changed(request);
    Set<String> warm = warmPlace == null ? Set.of() : warm(larger, before, planned);
    PlanRequest changed = warmPlace == null ? larger : warmPlace.in(larger, warm);
    CastPlan after = new PlanSearch(changed, planned).first();
    boolean worse = after.outcome().compareTo(before.outcome()) > 0;
    return new Tried(before, worse ? before : after, worse ? Set.of() : warm);
  }

  /** Returns the opening hours with the changes. */
  public OpenHours hours(OpenHours now) {
    OpenHours longer = now.longerBy(longerMin);
    return alsoOn == null ? longer : longer.alsoOn(alsoOn);
  }

  /** Returns the changed shop, before products are chosen for the warm place. */
  public PlanRequest changed(PlanRequest request) {
    PlanChange change =
        request
            .change()
            .people(Math.min(MOST_PEOPLE, request.people() + morePeople))
            .calendar(hours(request.calendar()));
    moreCopies.forEach(change::moreCopies);
    return change.request();
  }

  /**
   * Chooses the products for the warm place: one after the other, the latest first, each where the
   * plan has fewer late days with it.
   */
  private Set<String> warm(PlanRequest larger, CastPlan before, List<PlannedCast> planned) {
    Map<String, Long> lateDays = new HashMap<>();
    before.orders().forEach(o -> lateDays.merge(o.order(), o.lateDays(), Long::sum));
    Map<String, Long> lateOf = new HashMap<>();
    for (Demand demand : larger.demands()) {
      lateOf.merge(demand.product(), lateDays.getOrDefault(demand.order(), 0L), Long::sum);
    }
    List<String> candidates =
        larger.products().stream()
            .filter(p -> lateOf.containsKey(p.product()) && takes(larger, p))
            .map(PlanProduct::product)
            .sorted(Comparator.<String>comparingLong(lateOf::get).reversed())
            .toList();
    Set<String> warm = new LinkedHashSet<>();
    Objective best = outcome(larger, planned);
    for (String candidate : candidates) {
      warm.add(candidate);
      Objective with = outcome(Objects.requireNonNull(warmPlace).in(larger, warm), planned);
      if (with.compareTo(best) < 0) {
        best = with;
      } else {
        warm.remove(candidate);
      }
    }
    return warm;
  }

  private boolean takes(PlanRequest request, PlanProduct product) {
    return warmPlace != null && warmPlace.takes(request, product);
  }

  private static Objective outcome(PlanRequest request, List<PlannedCast> planned) {
    ScheduleBuilder builder = new ScheduleBuilder(request);
    return builder.outcome(builder.asIn(planned));
  }
}
