package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan.PlanBatch;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Proves a plan's mixes from the plan alone: one family each, within mixer and working time, as
 * many at once as there are mixers, washed between, and in their minutes nothing that a person
 * would still have to do.
 */
record BatchChecker(PlanRequest request, CastPlan plan) {

  void check(String seed, List<PlanChecker.Event> hands) {
    int mixed = 0;
    List<PlanChecker.Event> mixers = new ArrayList<>();
    for (int b = 0; b < plan.mixes().size(); b++) {
      PlanBatch batch = plan.mixes().get(b);
      mixed += batch.casts().size();
      check(seed + " mix " + b, b, batch);
      LocalDateTime end = batch.startsAt().plusMinutes(batch.minutes());
      hands.add(new PlanChecker.Event(batch.startsAt(), 1));
      hands.add(new PlanChecker.Event(end, -1));
      for (LocalDateTime[] helped : helpers(plan, batch).values()) {
        hands.add(new PlanChecker.Event(helped[0], 1));
        hands.add(new PlanChecker.Event(helped[1], -1));
      }
      mixers.add(new PlanChecker.Event(batch.startsAt(), 1));
      mixers.add(new PlanChecker.Event(end, -1));
    }
    List<Use> laterPours = new LaterPourChecker(request, plan).check(seed, mixers);
    assertThat(PlanChecker.most(mixers))
        .as(seed + " mixers")
        .isLessThanOrEqualTo(request.mixers().size());
    long fromRecipes =
        request.mixers().isEmpty()
            ? 0
            : plan.casts().stream().filter(c -> product(c).recipe() != null).count();
    assertThat(mixed).as(seed + " each cast in one mix").isEqualTo((int) fromRecipes);
    setups(seed, laterPours);
  }

  /** Who fills beside the one who mixes, from the first filling to the end of the last. */
  static Map<Integer, LocalDateTime[]> helpers(CastPlan plan, PlanBatch batch) {
    Map<Integer, LocalDateTime[]> helpers = new HashMap<>();
    List<Integer> people = batch.helpers() == null ? List.of() : batch.helpers();
    for (int person : people) {
      helpers.put(person, new LocalDateTime[] {from(plan, batch), until(plan, batch)});
    }
    return helpers;
  }

  private static LocalDateTime from(CastPlan plan, PlanBatch batch) {
    return plan.casts().get(batch.casts().get(0)).pourAt();
  }

  private static LocalDateTime until(CastPlan plan, PlanBatch batch) {
    return batch.casts().stream()
        .map(c -> plan.casts().get(c).works().get(0))
        .map(w -> w.at().plusMinutes(w.minutes()))
        .max(LocalDateTime::compareTo)
        .orElseThrow();
  }

  private void check(String seed, int no, PlanBatch batch) {
    PlanRecipe recipe = recipe(batch.recipe());
    double litres = 0;
    Map<String, Integer> copies = new HashMap<>();
    Map<Integer, LocalDateTime> busyUntil = new HashMap<>();
    double fillMin = Duration.between(from(plan, batch), until(plan, batch)).toMinutes();
    for (int c : batch.casts()) {
      PlannedCast cast = plan.casts().get(c);
      PlanProduct product = product(cast);
      assertThat(cast.batch()).as(seed).isEqualTo(no);
      assertThat(product.recipe()).as(seed + " recipe").isEqualTo(batch.recipe());
      assertThat(product.colour()).as(seed + " colour").isEqualTo(batch.colour());
      assertThat(copies.merge(cast.mould() + " " + cast.copy(), 1, Integer::sum))
          .as(seed + " a copy once")
          .isEqualTo(1);
      CastPlan.Visit fill = cast.works().get(0);
      assertThat(fill.minutes()).as(seed).isEqualTo(product.route().get(0).workMin());
      int filler = fill.person();
      assertThat(filler == batch.person() || helpers(plan, batch).containsKey(filler))
          .as(seed + " who fills")
          .isTrue();
      LocalDateTime before = busyUntil.put(filler, fill.at().plusMinutes(fill.minutes()));
      if (before != null) {
        assertThat(fill.at()).as(seed + " one after the other").isAfterOrEqualTo(before);
      }
      litres += product.litresPerCast();
    }
    double largest = request.mixers().stream().mapToDouble(PlanMixer::litres).max().orElseThrow();
    assertThat(batch.litres()).as(seed).isGreaterThanOrEqualTo(litres - 1e-9);
    assertThat(batch.litres()).as(seed).isGreaterThanOrEqualTo(recipe.leastL());
    long mixes = Math.max(1, (long) Math.ceil(batch.litres() / largest - 1e-9));
    if (batch.casts().size() > 1) {
      assertThat(mixes).as(seed + " fits the mixer").isEqualTo(1);
      if (recipe.workingMin() != null) {
        assertThat(recipe.mixMin() + fillMin)
            .as(seed + " working time")
            .isLessThanOrEqualTo(recipe.workingMin() + 1e-9);
      }
    }
    double least = mixes * Math.ceil(recipe.mixMin()) + fillMin + Math.ceil(recipe.washMin());
    assertThat((double) batch.minutes())
        .as(seed + " minutes")
        .isBetween(least, least + Math.ceil(recipe.moreWashMin()) + 60);
    assertThat(from(plan, batch))
        .as(seed + " mixed before it is filled")
        .isAfterOrEqualTo(batch.startsAt().plusMinutes(mixes * (long) Math.ceil(recipe.mixMin())));
    assertThat(until(plan, batch).plusMinutes((long) Math.ceil(recipe.washMin())))
        .as(seed + " washed after it")
        .isBeforeOrEqualTo(batch.startsAt().plusMinutes(batch.minutes()));
    assertThat(batch.startsAt().toLocalTime())
        .as(seed)
        .isAfterOrEqualTo(request.calendar().opens());
  }

  /**
   * A stretch in a mixer.
   *
   * @param leastMin without washing from dark to light
   */
  record Use(LocalDateTime at, long minutes, double leastMin, double shade, PlanRecipe recipe) {}

  /** With one mixer: after a darker mix of the same day a lighter one has the longer washing. */
  private void setups(String seed, List<Use> laterPours) {
    if (request.mixers().size() != 1) {
      return;
    }
    List<Use> order = new ArrayList<>(laterPours);
    for (PlanBatch batch : plan.mixes()) {
      PlanRecipe own = recipe(batch.recipe());
      double fill = Duration.between(from(plan, batch), until(plan, batch)).toMinutes();
      double least = Math.ceil(own.mixMin()) + fill + Math.ceil(own.washMin());
      order.add(new Use(batch.startsAt(), batch.minutes(), least, shade(batch), own));
    }
    order.sort(Comparator.comparing(Use::at));
    for (int u = 1; u < order.size(); u++) {
      Use before = order.get(u - 1);
      Use use = order.get(u);
      if (before.at().toLocalDate().equals(use.at().toLocalDate())
          && before.shade() > use.shade()) {
        assertThat((double) use.minutes())
            .as(seed + " washed from dark to light")
            .isGreaterThanOrEqualTo(use.leastMin() + Math.ceil(before.recipe().moreWashMin()));
      }
    }
  }

  private double shade(PlanBatch batch) {
    return product(plan.casts().get(batch.casts().get(0))).shade();
  }

  private PlanRecipe recipe(String name) {
    return request.recipes().stream()
        .filter(r -> r.recipe().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private PlanProduct product(PlannedCast cast) {
    return request.products().stream()
        .filter(p -> p.product().equals(cast.product()))
        .findFirst()
        .orElseThrow();
  }
}
