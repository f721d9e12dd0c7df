package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.search.PlanSearch;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A plan's minutes are those of a person who does what it says. */
@Tag("accuracy")
class HonestMinutesTest {

  /** What somebody mixes who has only the list of casts: what is filled without a break. */
  private static final class Bowl {
    final PlanProduct first;
    final LocalDateTime from;
    final Set<Integer> people = new HashSet<>();
    LocalDateTime until;
    double litres;

    Bowl(PlanProduct first, LocalDateTime from) {
      this.first = first;
      this.from = from;
      this.until = from;
    }

    void add(PlanProduct product, Visit fill) {
      people.add(fill.person());
      litres += product.litresPerCast();
      LocalDateTime end = fill.at().plusMinutes(fill.minutes());
      until = until.isAfter(end) ? until : end;
    }
  }

  /** Bowls formed from the casts alone take exactly the minutes that the plan says. */
  @Test
  void aReplayOfItsCastsTakesThePlansOwnMinutes() {
    int shops = 0;
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
      Long mixMinutes = plan.outcome().mixMinutes();
      assertThat(minutes(request, bowls(request, plan))).as("seed %d", seed).isEqualTo(mixMinutes);
    }
    assertThat(shops).isGreaterThan(100);
  }

  private static List<Bowl> bowls(PlanRequest request, CastPlan plan) {
    List<PlannedCast> casts = new ArrayList<>(plan.casts());
    casts.sort(Comparator.comparing(PlannedCast::pourAt));
    List<Bowl> bowls = new ArrayList<>();
    for (PlannedCast cast : casts) {
      PlanProduct product = product(request, cast);
      if (product.recipe() == null) {
        continue;
      }
      Bowl last = bowls.isEmpty() ? null : bowls.get(bowls.size() - 1);
      if (last == null || cast.pourAt().isAfter(last.until)) {
        last = new Bowl(product, cast.pourAt());
        bowls.add(last);
      }
      last.add(product, cast.works().get(0));
    }
    return bowls;
  }

  private static long minutes(PlanRequest request, List<Bowl> bowls) {
    double largest = request.mixers().get(0).litres();
    long minutes = 0;
    Bowl before = null;
    for (Bowl bowl : bowls) {
      PlanRecipe recipe = recipe(request, bowl);
      double packs = recipe.packL() == 0 ? bowl.litres : packs(bowl.litres, recipe.packL());
      double litres = Math.max(recipe.leastL(), packs);
      long mixes = Math.max(1, (long) Math.ceil(litres / largest - 1e-9));
      minutes += mixes * (long) Math.ceil(recipe.mixMin()) + (long) Math.ceil(recipe.washMin());
      minutes += bowl.people.size() * ChronoUnit.MINUTES.between(bowl.from, bowl.until);
      if (before != null
          && before.from.toLocalDate().equals(bowl.from.toLocalDate())
          && before.first.shade() > bowl.first.shade()) {
        minutes += (long) Math.ceil(recipe(request, before).moreWashMin());
      }
      before = bowl;
    }
    return minutes;
  }

  private static double packs(double litres, double packL) {
    return Math.ceil(litres / packL - 1e-9) * packL;
  }

  private static PlanRecipe recipe(PlanRequest request, Bowl bowl) {
    return request.recipes().stream()
        .filter(r -> r.recipe().equals(bowl.first.recipe()))
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
