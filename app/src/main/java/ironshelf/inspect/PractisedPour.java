package ironshelf.inspect;

import static java.util.Objects.requireNonNull;

import ironshelf.core.material.Role;
import ironshelf.core.piece.cause.Defect;
import ironshelf.core.piece.cause.Evidence;
import ironshelf.core.piece.cause.FactName;
import ironshelf.core.piece.cause.PieceFacts;
import ironshelf.core.pour.script.PourFact;
import ironshelf.core.pour.script.PourScript;
import ironshelf.core.pour.script.PourState;
import ironshelf.core.recipe.WaterWindow;
import ironshelf.pour.Meant;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What pieces would have suffered of a pour that was practised, by the same causes as real ones.
 */
@Service
@Transactional(readOnly = true)
class PractisedPour {

  private final RecipeService recipes;
  private final CauseService causes;

  PractisedPour(RecipeService recipes, CauseService causes) {
    this.recipes = recipes;
    this.causes = causes;
  }

  /** What would have been seen, and which cause speaks for it. */
  record Suffered(DefectView defect, CauseView cause) {}

  List<Suffered> suffered(Meant meant, List<PourFact> facts) {
    PourState state = PourScript.of(meant.sheet(), facts).state();
    PieceFacts known = known(meant, state);
    Map<Defect, DefectView> words = new EnumMap<>(Defect.class);
    causes.defects().forEach(d -> words.put(d.defect(), d));
    return Arrays.stream(Defect.values())
        .flatMap(
            defect ->
                causes.causes(defect, known).stream()
                    .filter(c -> c.verdict() == Evidence.Verdict.SPEAKS_FOR)
                    .limit(1)
                    .map(c -> new Suffered(requireNonNull(words.get(defect)), c)))
        .toList();
  }

  private PieceFacts known(Meant meant, PourState state) {
    RecipeView recipe = recipes.recipe(meant.recipeId());
    WaterWindow window = recipes.kept(recipe.id()).water();
    Map<FactName, Double> known = new EnumMap<>(FactName.class);
    known.put(FactName.WATER_LEAST_PERCENT, window.leastPercent());
    known.put(FactName.WATER_MOST_PERCENT, window.mostPercent());
    percent(known, state, Role.WATER, FactName.WATER_PERCENT, 0);
    percent(known, state, Role.PIGMENT, FactName.PIGMENT_OFF_PERCENT, 100);
    known.put(FactName.WORKING_MIN, meant.sheet().workingMinutes());
    if (state.fillingMin() != null) {
      known.put(FactName.FILLED_AFTER_MIN, recipe.mixMin() + state.fillingMin());
    }
    boolean twice = state.copies().stream().anyMatch(PourState.CopyState::twice);
    known.put(FactName.BATCHES, twice ? 2.0 : 1.0);
    return new PieceFacts(known);
  }

  /** What went in of a role's materials, as percent of what was asked. */
  private static void percent(
      Map<FactName, Double> known, PourState state, Role role, FactName name, double less) {
    double asked = 0;
    double went = 0;
    for (PourState.Step step : state.steps()) {
      PourState.WeighingStep weigh = step.weigh();
      if (weigh != null && weigh.role() == role && step.status() == PourState.StepStatus.DONE) {
        asked += weigh.askedKg();
        went += weigh.wentKg();
      }
    }
    if (asked > 0) {
      known.put(name, 100 * went / asked - less);
    }
  }
}
