package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Checks the parts of a request against each other. */
final class PlanNames {

  private final Findings findings = new Findings();
  private final OpenHours calendar;
  private final Map<String, PlanMould> moulds = new HashMap<>();
  private final Map<String, Integer> capacities = new HashMap<>();
  private final Map<String, PlanProduct> products = new HashMap<>();

  private PlanNames(OpenHours calendar, List<PlanMould> moulds, List<PlanStation> stations) {
    this.calendar = calendar;
    moulds.forEach(m -> this.moulds.put(m.mould(), m));
    stations.forEach(s -> capacities.put(s.station(), s.capacity()));
  }

  /**
   * Finds unknown names, work longer than a day, casts larger than a station, and too many casts.
   */
  static Findings unfit(
      OpenHours calendar,
      List<PlanMould> moulds,
      List<PlanStation> stations,
      List<PlanProduct> products,
      List<Demand> demands,
      List<BegunCast> begun,
      List<PinnedCast> pinned,
      List<PlanMixer> mixers,
      List<PlanRecipe> recipes) {
    PlanNames names = new PlanNames(calendar, moulds, stations);
    for (int p = 0; p < products.size(); p++) {
      names.product("products." + p, products.get(p));
    }
    names.mixes(products, begun, mixers, recipes);
    names.demands(demands);
    for (int b = 0; b < begun.size(); b++) {
      names.begun("begun." + b, begun.get(b));
    }
    for (int p = 0; p < pinned.size(); p++) {
      names.pinned("pinned." + p, pinned.get(p));
    }
    if (names.findings.isEmpty()) {
      Feeding.check(demands, begun, names.findings);
    }
    return names.findings;
  }

  private void product(String at, PlanProduct product) {
    products.put(product.product(), product);
    PlanMould mould = moulds.get(product.mould());
    unknownIf(mould == null, at + ".mould", product.mould());
    steps(at + ".route.", product.route(), mould == null ? 0 : mould.cavities());
  }

  /**
   * Finds mixes that do not fit a day with their filling; a cast that is larger is several mixes.
   */
  private void mixes(
      List<PlanProduct> products,
      List<BegunCast> begun,
      List<PlanMixer> mixers,
      List<PlanRecipe> recipes) {
    double largest = mixers.stream().mapToDouble(PlanMixer::litres).max().orElse(0);
    Map<String, PlanRecipe> byName = new HashMap<>();
    recipes.forEach(r -> byName.put(r.recipe(), r));
    for (int r = 0; r < recipes.size(); r++) {
      PlanRecipe recipe = recipes.get(r);
      double most = recipe.packL() > 0 ? largest : Double.MAX_VALUE;
      findings.addIf(
          !mixers.isEmpty() && Math.max(recipe.leastL(), recipe.packL()) > largest,
          FindingCode.BATCH_MIXER_TOO_SMALL,
          "recipes." + r + ".leastL",
          Map.of(
              "value", Math.max(recipe.leastL(), recipe.packL()), "most", Math.min(most, largest)));
    }
    for (int p = 0; p < products.size(); p++) {
      PlanProduct product = products.get(p);
      PlanRecipe recipe = byName.get(product.recipe());
      unknownIf(
          product.recipe() != null && recipe == null,
          "products." + p + ".recipe",
          product.recipe());
      if (recipe == null || mixers.isEmpty()) {
        continue;
      }
      fitsADay(
          "products." + p + ".litresPerCast",
          recipe,
          product.litresPerCast() / largest,
          product.route().get(0));
    }
    for (int p = 0; p < products.size(); p++) {
      laterMixes("products." + p + ".route.", products.get(p).route(), byName, largest);
    }
    for (int b = 0; b < begun.size(); b++) {
      laterMixes("begun." + b + ".rest.", begun.get(b).rest(), byName, largest);
    }
  }

  private void laterMixes(
      String at, List<PlanStep> route, Map<String, PlanRecipe> byName, double largest) {
    for (int s = 0; s < route.size(); s++) {
      PlanStep.LayerMix mix = route.get(s).mix();
      if (mix == null) {
        continue;
      }
      PlanRecipe recipe = byName.get(mix.recipe());
      unknownIf(recipe == null, at + s + ".mix.recipe", mix.recipe());
      if (recipe != null && largest > 0) {
        fitsADay(at + s + ".mix.litres", recipe, mix.litres() / largest, route.get(s));
      }
    }
  }

  private void fitsADay(String field, PlanRecipe recipe, double mixersFull, PlanStep step) {
    double minutes =
        Math.max(1, Math.ceil(mixersFull)) * Math.ceil(recipe.mixMin())
            + step.workMin()
            + Math.ceil(recipe.washMin())
            + Math.ceil(recipe.moreWashMin());
    findings.addIf(
        minutes > calendar.minutesADay(),
        FindingCode.PLAN_TOO_LONG,
        field,
        Map.of("value", minutes, "most", calendar.minutesADay()));
  }

  private void steps(String at, List<PlanStep> steps, int pieces) {
    for (int s = 0; s < steps.size(); s++) {
      PlanStep step = steps.get(s);
      findings.addIf(
          step.workMin() > calendar.minutesADay(),
          FindingCode.PLAN_TOO_LONG,
          at + s + ".attendedMin",
          Map.of("value", step.attendedMin(), "most", calendar.minutesADay()));
      if (step.station() != null) {
        @Nullable Integer capacity = capacities.get(step.station());
        unknownIf(capacity == null, at + s + ".station", step.station());
        findings.addIf(
            capacity != null && pieces > capacity,
            FindingCode.PLAN_TOO_LARGE,
            at + s + ".station",
            Map.of("value", pieces, "most", capacity == null ? 0 : capacity));
      }
    }
  }

  private void demands(List<Demand> demands) {
    long casts = 0;
    for (int d = 0; d < demands.size(); d++) {
      Demand demand = demands.get(d);
      @Nullable PlanProduct product = products.get(demand.product());
      unknownIf(product == null, "demands." + d + ".product", demand.product());
      PlanMould mould = product == null ? null : moulds.get(product.mould());
      casts += mould == null ? 0 : mould.castsFor(demand.quantity());
    }
    findings.addIf(
        casts > PlanRequest.MOST_CASTS,
        FindingCode.PLAN_TOO_MANY,
        "demands",
        Map.of("value", casts, "most", PlanRequest.MOST_CASTS));
  }

  private void begun(String at, BegunCast begun) {
    // What stands in a station stands there, however full it is.
    steps(at + ".rest.", begun.rest(), 0);
    if (begun.mould() != null) {
      PlanMould mould = moulds.get(begun.mould());
      unknownIf(
          mould == null || begun.copy() > mould.copies(),
          at + ".copy",
          begun.mould() + " " + begun.copy());
      findings.addIf(
          begun.rest().stream().noneMatch(PlanStep::freesMould),
          FindingCode.PLAN_MOULD_KEPT,
          at + ".rest",
          Map.of("value", begun.name()));
    }
  }

  private void pinned(String at, PinnedCast pin) {
    @Nullable PlanProduct product = products.get(pin.product());
    unknownIf(product == null, at + ".product", pin.product());
    PlanMould mould = product == null ? null : moulds.get(product.mould());
    unknownIf(
        mould != null && pin.copy() > mould.copies(), at + ".copy", String.valueOf(pin.copy()));
  }

  private void unknownIf(boolean unknown, String field, @Nullable String value) {
    findings.addIf(unknown, FindingCode.PLAN_UNKNOWN, field, Map.of("value", value + ""));
  }
}
