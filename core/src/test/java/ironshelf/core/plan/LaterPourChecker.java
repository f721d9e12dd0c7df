package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep.LayerMix;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Proves from a plan alone that each layer that is poured later has a mix: one that was mixed for
 * it, or what the same person had left from the cast before, while it could be worked.
 */
record LaterPourChecker(PlanRequest request, CastPlan plan) {

  private record Pour(Visit work, PlanStep step) {}

  /** What is left of a mix. */
  private record Left(double litres, double fillMin) {}

  /** What they take of the mixers. */
  List<BatchChecker.Use> check(String seed, List<PlanChecker.Event> mixers) {
    List<Pour> pours = new ArrayList<>();
    plan.casts().forEach(cast -> pours.addAll(pours(cast)));
    pours.sort(Comparator.comparing((Pour p) -> p.work().at()));
    Map<String, Left> left = new HashMap<>();
    List<BatchChecker.Use> uses = new ArrayList<>();
    for (Pour pour : pours) {
      LayerMix mix = pour.step().mix();
      PlanRecipe recipe = recipe(mix.recipe());
      Visit work = pour.work();
      LocalDateTime end = work.at().plusMinutes(work.minutes());
      mixers.add(new PlanChecker.Event(work.at(), 1));
      mixers.add(new PlanChecker.Event(end, -1));
      String family = mix.recipe() + " " + mix.colour() + " by " + work.person() + " at ";
      Left there = left.remove(family + work.at());
      long alone = pour.step().workMin();
      double litres = mix.litres();
      double fillMin = alone;
      if (work.minutes() == alone && mixMin(recipe, litres) + Math.ceil(recipe.washMin()) > 0) {
        assertThat(there).as(seed + " nothing mixed for " + work).isNotNull();
        litres += there.litres();
        fillMin += there.fillMin();
        uses.add(new BatchChecker.Use(work.at(), work.minutes(), alone, mix.shade(), recipe));
      } else {
        double setup = mixMin(recipe, litres) + Math.ceil(recipe.washMin());
        assertThat((double) work.minutes() - alone)
            .as(seed + " mixed and washed for " + work)
            .isBetween(setup, setup + 60);
        uses.add(
            new BatchChecker.Use(work.at(), work.minutes(), alone + setup, mix.shade(), recipe));
      }
      boolean several = fillMin > alone;
      double most = request.mixers().stream().mapToDouble(PlanMixer::litres).max().orElseThrow();
      if (several) {
        double packs = recipe.packL() == 0 ? 1e-9 : recipe.packL();
        assertThat(Math.ceil(litres / packs - 1e-9) * packs)
            .as(seed + " litres of " + work)
            .isLessThanOrEqualTo(most + 1e-6);
      }
      if (several && recipe.workingMin() != null) {
        assertThat(recipe.mixMin() + fillMin)
            .as(seed + " working time of " + work)
            .isLessThanOrEqualTo(recipe.workingMin() + 1e-9);
      }
      left.put(family + end, new Left(litres, fillMin));
    }
    return uses;
  }

  private double mixMin(PlanRecipe recipe, double litres) {
    double most = request.mixers().stream().mapToDouble(PlanMixer::litres).max().orElseThrow();
    double packs =
        recipe.packL() == 0 ? litres : Math.ceil(litres / recipe.packL()) * recipe.packL();
    double mixed = Math.max(recipe.leastL(), packs);
    return Math.max(1, Math.ceil(mixed / most - 1e-9)) * Math.ceil(recipe.mixMin());
  }

  private List<Pour> pours(PlannedCast cast) {
    List<Pour> pours = new ArrayList<>();
    List<PlanStep> route =
        request.products().stream()
            .filter(p -> p.product().equals(cast.product()))
            .findFirst()
            .orElseThrow()
            .route();
    int next = 0;
    for (PlanStep step : route) {
      for (int round = 0; step.workMin() > 0 && round < step.times(); round++) {
        Visit work = cast.works().get(next++);
        if (step.mix() != null && !request.mixers().isEmpty()) {
          pours.add(new Pour(work, step));
        }
      }
    }
    return pours;
  }

  private PlanRecipe recipe(String name) {
    return request.recipes().stream()
        .filter(r -> r.recipe().equals(name))
        .findFirst()
        .orElseThrow();
  }
}
