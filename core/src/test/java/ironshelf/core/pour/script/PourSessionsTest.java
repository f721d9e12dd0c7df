package ironshelf.core.pour.script;

import static ironshelf.core.pour.script.TestPours.asPlanned;
import static ironshelf.core.pour.script.TestPours.fact;
import static ironshelf.core.pour.script.TestPours.now;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.material.Role;
import ironshelf.core.pour.script.PourState.Status;
import ironshelf.core.pour.script.PourState.StepStatus;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Random mornings with every kind of mishap: nothing that was weighed gets lost or comes from
 * nowhere, there is always a next step or an end, and facts fold as they should.
 */
class PourSessionsTest {

  /** A longer storm: -Dironshelf.sessions=10000. */
  private static final int SESSIONS = Integer.getInteger("ironshelf.sessions", 500);

  private static final int MOST_FACTS = 45;
  private static final List<StartingRecipe> SCHOOLS = StartingRecipes.shipped().all();
  private static final List<Recipe> RECIPES = SCHOOLS.stream().map(StartingRecipe::recipe).toList();

  @Test
  void massIsConservedOverRandomSessions() {
    int refused = 0;
    int ended = 0;
    for (int seed = 0; seed < SESSIONS; seed++) {
      Random random = new Random(seed);
      PourScript script = PourScript.of(sheet(random), List.of());
      for (int n = 0; n < MOST_FACTS && script.state().status() == Status.OPEN; n++) {
        PourScript before = script;
        PourFact next = fact(n, "k" + n, act(script, random, n));
        try {
          script = script.plus(List.of(next));
        } catch (RefusedException e) {
          refused++;
          assertThat(e.findings()).isNotEmpty();
          assertThat(script).isSameAs(before);
        }
        holds(script, "seed " + seed + ", fact " + n);
      }
      ended += script.state().status() == Status.OPEN ? 0 : 1;
      if (seed % 20 == 0) {
        folds(script, random);
      }
    }
    // The storm is one: much was refused, and many sessions came to an end.
    assertThat(refused).isGreaterThan(SESSIONS);
    assertThat(ended).isGreaterThan(SESSIONS / 10);
  }

  private static PourSheet sheet(Random random) {
    int school = random.nextInt(SCHOOLS.size());
    List<Double> shares = random.nextInt(4) == 0 ? List.of(0.6, 0.4) : List.of(1.0);
    return TestPours.sheet(
        RECIPES.get(school),
        SCHOOLS.get(school).addition(),
        shares,
        1 + random.nextInt(4),
        0.2 + 2 * random.nextDouble(),
        random.nextBoolean() ? null : 1.5 + 3 * random.nextDouble());
  }

  /** Mostly what is asked, often a little off, sometimes a mishap, now and then nonsense. */
  private static What act(PourScript script, Random random, int n) {
    PourState state = script.state();
    PourState.Step now = now(script);
    String batch = pick(state.batches(), random).batch();
    String mix = pick(pick(state.batches(), random).mixes(), random).mix();
    String copy = pick(state.copies(), random).copy();
    return switch (random.nextInt(29)) {
      case 0 -> new What.LeftOut(copy, "leaks");
      case 1 ->
          new What.Added(
              new PourSheet.PlannedCopy("X" + n, 0.1 + random.nextDouble(), 2), null, null);
      case 2 -> new What.MixedMore("more" + n, batch, 0.1 + random.nextDouble());
      case 3 -> new What.SplitOff("split" + n, mix, 0.05 + random.nextDouble(), "Rust");
      case 4 -> new What.Thrown(batch, random.nextBoolean() ? null : random.nextDouble(), "off");
      case 5 -> new What.PutIn(mix, "oxide", Role.PIGMENT, 0.05, 0.2, Source.TYPED);
      case 6 -> new What.Followed(mix, 0.8 + 0.4 * random.nextDouble());
      case 7 -> new What.AsAsked(mix);
      case 8 -> new What.Filled(copy, batch, random.nextBoolean(), null, null, null);
      case 9 -> new What.Filled(copy, batch, false, random.nextDouble(), Source.SCALE, 1);
      case 10 -> new What.LeftWeighed(random.nextDouble(), Source.SCALE);
      case 11 -> takenBack(script, random);
      case 12 -> random.nextInt(4) == 0 ? new What.Recorded() : new What.Wetted(mix);
      case 13 -> random.nextInt(8) == 0 ? new What.Abandoned("no power") : new What.Wetted("no");
      case 14 -> random.nextBoolean() ? new What.Emptied(batch) : new What.Tapped(batch);
      default -> off(asPlanned(now), random);
    };
  }

  /** The same as planned, by a scale that is not always right. */
  private static What off(What what, Random random) {
    if (what instanceof What.WeighedIn w && random.nextInt(3) == 0) {
      double kg = w.kg() * (0.7 + 0.6 * random.nextDouble());
      return new What.WeighedIn(w.line(), kg, Source.TYPED, random.nextInt(4) == 0);
    }
    if (what instanceof What.Filled f && random.nextInt(3) == 0) {
      return new What.Filled(f.copy(), f.batch(), random.nextBoolean(), null, null, null);
    }
    return what;
  }

  private static What takenBack(PourScript script, Random random) {
    return script.facts().isEmpty()
        ? new What.TakenBack("nothing")
        : new What.TakenBack(pick(script.facts(), random).key());
  }

  private static <T> T pick(List<T> among, Random random) {
    return among.get(random.nextInt(among.size()));
  }

  private static void holds(PourScript script, String when) {
    PourState state = script.state();
    PourState.Bowl bowl = state.bowl();
    double slack = 0.031 * bowl.inKg() * state.batches().size() + 1e-9;
    same(bowl.outKg() + bowl.leftKg() + bowl.thrownKg() + bowl.unaccountedKg(), bowl.inKg(), when);
    if (script.facts().size() % 8 == 0) {
      same(bowl.inKg(), weighedKg(script), when);
    }
    boolean leftWeighed =
        state.steps().stream()
            .anyMatch(s -> s.key().equals("left") && s.status() == StepStatus.DONE);
    // What was found empty, and what is left by the scale, may differ from the sum.
    boolean emptied = script.facts().stream().anyMatch(f -> f.what() instanceof What.Emptied);
    if (!leftWeighed && !emptied) {
      between(bowl.unaccountedKg(), -slack, 1e-9, when);
    }
    double copies = 0;
    for (PourState.CopyState copy : state.copies()) {
      between(copy.kg(), 0, bowl.inKg() + slack, when);
      same(sum(copy.mixes().values()), copy.kg(), when);
      copies += copy.kg();
    }
    same(copies, bowl.outKg(), when);
    for (PourState.BatchState batch : state.batches()) {
      between(batch.leftKg(), 0, batch.inKg() + 1e-9, when);
      for (PourState.MixState mix : batch.mixes()) {
        same(sum(mix.inByMaterial().values()), mix.inKg(), when);
      }
    }
    long nows = state.steps().stream().filter(s -> s.status() == StepStatus.NOW).count();
    same((double) nows, state.status() == Status.OPEN ? 1 : 0, when);
  }

  private static double sum(Collection<Double> all) {
    return all.stream().mapToDouble(d -> d).sum();
  }

  private static void same(double is, double should, String when) {
    between(is, should - 1e-9, should + 1e-9, when);
  }

  /** Asked millions of times: the words are only made where it fails. */
  private static void between(double is, double low, double high, String when) {
    if (!(is >= low && is <= high)) {
      assertThat(is).as(when).isBetween(low, high);
    }
  }

  /** What the facts say was put into bowls, added up apart from the script. */
  private static double weighedKg(PourScript script) {
    double kg = 0;
    List<PourFact> before = new ArrayList<>();
    Set<String> gone = PourFact.takenBack(script.facts());
    for (PourFact fact : script.facts()) {
      if (!PourFact.stands(fact, gone)) {
        continue;
      }
      if (fact.what() instanceof What.WeighedIn w) {
        kg += w.kg();
      } else if (fact.what() instanceof What.PutIn p) {
        kg += p.kg();
      } else if (fact.what() instanceof What.AsAsked a) {
        // What is still asked of the mix when it is said.
        kg +=
            PourScript.of(script.sheet(), before).state().steps().stream()
                .filter(s -> s.weigh() != null && s.weigh().mix().equals(a.mix()))
                .filter(s -> s.status() != StepStatus.DONE)
                .mapToDouble(s -> s.weigh().askedKg())
                .sum();
      }
      before.add(fact);
    }
    return kg;
  }

  private static void folds(PourScript script, Random random) {
    List<PourFact> facts = script.facts();
    int half = facts.isEmpty() ? 0 : random.nextInt(facts.size());
    PourScript halves = firstHalf(script.sheet(), facts.subList(0, half));
    if (halves != null) {
      assertThat(halves.plus(facts.subList(half, facts.size())).state()).isEqualTo(script.state());
    }
    if (!facts.isEmpty()) {
      assertThat(script.plus(List.of(facts.get(half))).state()).isEqualTo(script.state());
    }
  }

  private static @Nullable PourScript firstHalf(PourSheet sheet, List<PourFact> facts) {
    try {
      return PourScript.of(sheet, facts);
    } catch (RefusedException e) {
      // It stands only because of what was taken back later.
      return null;
    }
  }
}
