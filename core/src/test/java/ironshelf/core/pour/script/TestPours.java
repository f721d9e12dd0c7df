package ironshelf.core.pour.script;

import ironshelf.core.material.Role;
import ironshelf.core.pour.BatchSplit;
import ironshelf.core.pour.PourInput;
import ironshelf.core.pour.PourSum;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Placement;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Sheets and facts for tests. */
final class TestPours {

  static final Instant START = Instant.parse("2027-03-01T08:00:00Z");

  private TestPours() {}

  /** A sheet of a shipped recipe for copies R1, R2 ... of so many litres. */
  static PourSheet sheet(String recipe, int copies, double litres, @Nullable Double mixerL) {
    StartingRecipe shipped = StartingRecipes.shipped().find(recipe).orElseThrow();
    return sheet(shipped.recipe(), shipped.addition(), List.of(1.0), copies, litres, mixerL);
  }

  static PourSheet sheet(
      Recipe recipe,
      Addition addition,
      List<Double> shares,
      int copies,
      double litres,
      @Nullable Double mixerL) {
    List<String> keys = IntStream.rangeClosed(1, copies).mapToObj(i -> "R" + i).toList();
    PourSum sum =
        PourSum.of(
            new PourInput(
                shares.stream().map(s -> new PourInput.LayerMix(recipe, s)).toList(),
                keys.stream().map(k -> new BatchSplit.Load(k, litres, 0)).toList(),
                8,
                mixerL,
                20,
                20,
                1,
                null,
                null));
    SheetMaker.LayerMaterials layer =
        new SheetMaker.LayerMaterials(
            addition, recipe.ingredients().stream().map(Ingredient::name).toList());
    return new PourSheet(
        Placement.POURED,
        List.of("moulds", "protection"),
        15,
        8,
        IntStream.range(0, shares.size())
            .mapToObj(i -> new PourSheet.PlannedLayer("layer " + i, shares.get(i)))
            .toList(),
        keys.stream().map(k -> new PourSheet.PlannedCopy(k, litres, 1)).toList(),
        SheetMaker.batches(sum, shares.stream().map(s -> layer).toList(), keys));
  }

  static PourFact fact(int minute, String key, What what) {
    return new PourFact(key, START.plusSeconds(60L * minute), "bench 1", "Ines", what);
  }

  /** What completes a step exactly as it asks, as the device would send it. */
  static What asPlanned(PourState.Step step) {
    return switch (step.kind()) {
      case CHECK -> new What.Checked(step.about());
      case WEIGH -> new What.WeighedIn(step.about(), step.weigh().askedKg(), Source.SCALE, false);
      case WET -> new What.Wetted(step.about());
      case FILL -> {
        double kg = step.fill().kg();
        yield new What.Filled(
            step.about(),
            step.batch(),
            step.fill().whole(),
            kg > 0 ? kg : null,
            Source.SCALE,
            null);
      }
      case FINISH -> new What.Tapped(step.about());
      case LEFT -> new What.LeftWeighed(0, Source.SCALE);
      case RECORD -> new What.Recorded();
    };
  }

  static PourState.@Nullable Step now(PourScript script) {
    return script.state().steps().stream()
        .filter(s -> s.status() == PourState.StepStatus.NOW)
        .findFirst()
        .orElse(null);
  }

  /** Water 1 kg (1 L) and cement 3 kg (1 L) make 2 kg/L: easy to work out by hand. */
  static PourSheet simple(int copies, double copyL, double batchL) {
    List<PourSheet.PlannedLine> lines =
        List.of(
            new PourSheet.PlannedLine("w", "water", Role.WATER, batchL / 2, 0.01, 1, false, null),
            new PourSheet.PlannedLine(
                "c", "cement", Role.BINDER, batchL * 1.5, 0.03, 1 / 3.0, false, null));
    List<PourSheet.PlannedCopy> all = new ArrayList<>();
    List<PourSheet.PlannedPortion> portions = new ArrayList<>();
    for (int i = 1; i <= copies; i++) {
      all.add(new PourSheet.PlannedCopy("R" + i, copyL, 1));
      portions.add(new PourSheet.PlannedPortion("R" + i, copyL));
    }
    return new PourSheet(
        Placement.POURED,
        List.of("moulds"),
        10,
        10,
        List.of(new PourSheet.PlannedLayer("all", 1)),
        all,
        List.of(
            new PourSheet.PlannedBatch(
                "b1", List.of(new PourSheet.PlannedMix("m1", lines)), portions)));
  }

  static List<PourFact> facts(What... whats) {
    List<PourFact> facts = new ArrayList<>();
    for (What what : whats) {
      facts.add(fact(facts.size(), "k" + facts.size(), what));
    }
    return facts;
  }

  /** The step of that key, wherever it stands. */
  static PourState.Step step(PourScript script, String key) {
    return script.state().steps().stream()
        .filter(s -> s.key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  static What weighed(String line, double kg) {
    return new What.WeighedIn(line, kg, Source.SCALE, false);
  }

  static What full(String copy, Double kg) {
    return new What.Filled(copy, "b1", true, kg, kg == null ? Source.ASSUMED : Source.SCALE, null);
  }
}
