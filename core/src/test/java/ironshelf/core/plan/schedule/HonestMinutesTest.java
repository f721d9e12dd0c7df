package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.search.PlanSearch;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A plan's minutes are those of a person who does what it says. */
@Tag("accuracy")
class HonestMinutesTest {

  /** One filling of one cast, a later layer too: from when on, without the mixing for it. */
  private record Fill(
      PlanRecipe recipe,
      double shade,
      double litres,
      LocalDateTime from,
      long minutes,
      int person) {

    LocalDateTime until() {
      return from.plusMinutes(minutes);
    }
  }

  /** What somebody mixes who has only the list of casts: what is filled without a break. */
  private static final class Bowl {
    final Fill first;
    final LocalDateTime from;
    final Set<Integer> people = new HashSet<>();
    LocalDateTime until;
    double litres;

    Bowl(Fill first) {
      this.first = first;
      this.from = first.from();
      this.until = from;
    }

    void add(Fill fill) {
      people.add(fill.person());
      litres += fill.litres();
      until = until.isAfter(fill.until()) ? until : fill.until();
    }
  }

  /** Bowls formed from the casts alone take exactly the minutes that the plan says. */
  @Test
  void aReplayOfItsCastsTakesThePlansOwnMinutes() {
    int shops = 0;
    long laterMinutes = 0;
    for (long seed = 0; seed < 300; seed++) {
      PlanRequest request = RandomShop.inBowls(seed, 1 + (int) (seed % 12), false);
      if (request.mixers().size() > 1) {
        continue;
      }
      CastPlan plan = new PlanSearch(request, List.of()).first();
      if (plan.mixes().isEmpty()) {
        continue;
      }
      shops++;
      long mixMinutes = Objects.requireNonNull(plan.outcome().mixMinutes());
      long later = laterMin(request, plan);
      laterMinutes += later;
      assertThat(minutes(request, bowls(request, plan)))
          .as("seed %d", seed)
          .isEqualTo(mixMinutes + later);
    }
    assertThat(shops).isGreaterThan(100);
    assertThat(laterMinutes).isGreaterThan(10_000);
  }

  private static List<Bowl> bowls(PlanRequest request, CastPlan plan) {
    List<Fill> fills = new ArrayList<>();
    for (PlannedCast cast : plan.casts()) {
      PlanProduct product = product(request, cast);
      if (product.recipe() != null) {
        Visit work = cast.works().get(0);
        fills.add(
            new Fill(
                recipe(request, product.recipe()),
                product.shade(),
                product.litresPerCast(),
                work.at(),
                work.minutes(),
                work.person()));
      }
      laterWorks(product, cast).forEach((work, step) -> fills.add(later(request, work, step)));
    }
    fills.sort(Comparator.comparing(Fill::from));
    List<Bowl> bowls = new ArrayList<>();
    for (Fill fill : fills) {
      Bowl last = bowls.isEmpty() ? null : bowls.get(bowls.size() - 1);
      if (last == null || fill.from().isAfter(last.until)) {
        last = new Bowl(fill);
        bowls.add(last);
      }
      last.add(fill);
    }
    return bowls;
  }

  private static Fill later(PlanRequest request, Visit work, PlanStep step) {
    PlanStep.LayerMix mix = step.mix();
    return new Fill(
        recipe(request, mix.recipe()),
        mix.shade(),
        mix.litres(),
        work.at().plusMinutes(work.minutes() - step.workMin()),
        step.workMin(),
        work.person());
  }

  private static long laterMin(PlanRequest request, CastPlan plan) {
    return plan.casts().stream()
        .flatMap(c -> laterWorks(product(request, c), c).keySet().stream())
        .mapToLong(Visit::minutes)
        .sum();
  }

  /** The works of a cast at layers that are poured later. */
  private static Map<Visit, PlanStep> laterWorks(PlanProduct product, PlannedCast cast) {
    Map<Visit, PlanStep> works = new LinkedHashMap<>();
    int next = 0;
    for (PlanStep step : product.route()) {
      for (int round = 0; step.workMin() > 0 && round < step.times(); round++) {
        Visit work = cast.works().get(next++);
        if (step.mix() != null) {
          works.put(work, step);
        }
      }
    }
    return works;
  }

  private static long minutes(PlanRequest request, List<Bowl> bowls) {
    double largest = request.mixers().get(0).litres();
    long minutes = 0;
    Bowl before = null;
    for (Bowl bowl : bowls) {
      PlanRecipe recipe = bowl.first.recipe();
      double packs = recipe.packL() == 0 ? bowl.litres : packs(bowl.litres, recipe.packL());
      double litres = Math.max(recipe.leastL(), packs);
      long mixes = Math.max(1, (long) Math.ceil(litres / largest - 1e-9));
      minutes += mixes * (long) Math.ceil(recipe.mixMin()) + (long) Math.ceil(recipe.washMin());
      minutes += bowl.people.size() * ChronoUnit.MINUTES.between(bowl.from, bowl.until);
      if (before != null
          && before.from.toLocalDate().equals(bowl.from.toLocalDate())
          && before.first.shade() > bowl.first.shade()) {
        minutes += (long) Math.ceil(before.first.recipe().moreWashMin());
      }
      before = bowl;
    }
    return minutes;
  }

  private static double packs(double litres, double packL) {
    return Math.ceil(litres / packL - 1e-9) * packL;
  }

  private static PlanRecipe recipe(PlanRequest request, String name) {
    return request.recipes().stream()
        .filter(r -> r.recipe().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static PlanProduct product(PlanRequest request, PlannedCast cast) {
    return request.products().stream()
        .filter(p -> p.product().equals(cast.product()))
        .findFirst()
        .orElseThrow();
  }
}
