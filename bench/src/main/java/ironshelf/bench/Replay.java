package ironshelf.bench;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.schedule.Job;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What somebody would mix who follows a plan of single casts. */
final class Replay {

  /** What all of one recipe and colour take. */
  private static final class Family {
    final double spareMin;
    final Map<String, Integer> casts = new HashMap<>();
    double litres;
    double fillMin;

    Family(double spareMin) {
      this.spareMin = spareMin;
    }
  }

  private final PlanRequest request;
  private final Map<String, PlanProduct> products;
  private final Map<String, PlanRecipe> recipes;
  private final Map<String, Integer> demands = new HashMap<>();
  private final double mixerL;

  Replay(PlanRequest request) {
    this.request = request;
    products =
        request.products().stream()
            .collect(Collectors.toMap(PlanProduct::product, Function.identity()));
    recipes =
        request.recipes().stream()
            .collect(Collectors.toMap(PlanRecipe::recipe, Function.identity()));
    for (int d = 0; d < request.demands().size(); d++) {
      demands.put(request.demands().get(d).order(), d);
    }
    mixerL = request.mixers().get(0).litres();
  }

  /**
   * The bowls of a plan, in its order: what is of one family and planned within the time that the
   * bowl can be worked goes into it, as far as the mixer and that time take it.
   */
  List<Job> bowls(CastPlan plan) {
    List<PlannedCast> left = new ArrayList<>(plan.casts());
    left.sort(Comparator.comparing(PlannedCast::pourAt));
    List<Job> jobs = new ArrayList<>();
    while (!left.isEmpty()) {
      jobs.add(bowl(left));
    }
    return jobs;
  }

  private Job bowl(List<PlannedCast> left) {
    PlannedCast first = left.get(0);
    PlanProduct product = products.get(first.product());
    PlanRecipe recipe = recipes.get(product.recipe());
    double litres = 0;
    double fillMin = 0;
    List<Integer> mix = new ArrayList<>();
    Set<String> copies = new HashSet<>();
    for (PlannedCast cast : List.copyOf(left)) {
      PlanProduct own = products.get(cast.product());
      double more = own.route().get(0).attendedMin();
      boolean alike =
          own.recipe().equals(product.recipe()) && own.colour().equals(product.colour());
      boolean inTime =
          Duration.between(first.pourAt(), cast.pourAt()).toMinutes() <= recipe.workingMin();
      boolean fits =
          mix.isEmpty()
              || (litres + own.litresPerCast() <= mixerL + 1e-9
                  && recipe.mixMin() + fillMin + more <= recipe.workingMin());
      if (alike && inTime && fits && copies.add(cast.mould() + " " + cast.copy())) {
        mix.add(demands.get(cast.order()));
        litres += own.litresPerCast();
        fillMin += more;
        left.remove(cast);
      }
    }
    return Job.of(mix);
  }

  /** Mixes that no plan can do without: by litres, working time and copies, family by family. */
  long leastMixes() {
    Map<String, Family> families = new HashMap<>();
    for (PlanRequest.Demand demand : request.demands()) {
      PlanProduct product = products.get(demand.product());
      PlanRecipe recipe = recipes.get(product.recipe());
      Family family =
          families.computeIfAbsent(
              product.recipe() + " " + product.colour(),
              k -> new Family(recipe.workingMin() - recipe.mixMin()));
      family.litres += demand.quantity() * product.litresPerCast();
      family.fillMin += demand.quantity() * product.route().get(0).attendedMin();
      family.casts.merge(product.mould(), demand.quantity(), Integer::sum);
    }
    Map<String, Integer> copies =
        request.moulds().stream().collect(Collectors.toMap(PlanMould::mould, PlanMould::copies));
    long mixes = 0;
    for (Family family : families.values()) {
      double most = Math.max(family.litres / mixerL, family.fillMin / family.spareMin);
      for (Map.Entry<String, Integer> own : family.casts.entrySet()) {
        most = Math.max(most, own.getValue() / (double) copies.get(own.getKey()));
      }
      mixes += (long) Math.ceil(most - 1e-9);
    }
    return mixes;
  }
}
