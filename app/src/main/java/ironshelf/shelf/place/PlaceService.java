package ironshelf.shelf.place;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.Stay;
import ironshelf.core.cure.Tent;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.ProblemException;
import ironshelf.pour.PourReader;
import ironshelf.pour.record.PourFacts;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings castings in their moulds to warmer places, and says how warm would do. */
@Service
@Transactional
class PlaceService {

  private final ActService acts;
  private final CastService castings;
  private final PourReader pours;
  private final RecipeService recipes;
  private final CureService cure;
  private final Temperatures temperatures;
  private final Clock clock;

  PlaceService(
      ActService acts,
      CastService castings,
      PourReader pours,
      RecipeService recipes,
      CureService cure,
      Temperatures temperatures,
      Clock clock) {
    this.acts = acts;
    this.castings = castings;
    this.pours = pours;
    this.recipes = recipes;
    this.cure = cure;
    this.temperatures = temperatures;
    this.clock = clock;
  }

  void bring(String key, List<Long> castIds, String place) {
    Set<String> known = temperatures.places();
    new Findings()
        .addIf(
            !known.contains(place),
            FindingCode.STATION_UNKNOWN,
            "place",
            Map.of("value", place, "wanted", String.join(", ", known)))
        .orRefuse();
    acts.once(
        key,
        "bring",
        () -> {
          castings.bring(castIds, new Stay(place, clock.instant().truncatedTo(ChronoUnit.MICROS)));
          return castIds.get(0);
        });
  }

  @Transactional(readOnly = true)
  Tent tent(long castId, Instant outAt) {
    PourFacts facts = pours.facts(List.of(castId)).get(castId);
    if (facts == null) {
      throw ProblemException.unknown("cast", castId);
    }
    Instant now = clock.instant();
    RecipeView recipe = recipes.recipe(facts.recipeId());
    double leftH = recipe.demouldAgeH() - cure.ageH(facts.stays(), now);
    double hours = Duration.between(now, outAt).toMillis() / 3_600_000.0;
    // What is left of its age is what a fresh casting of that age would have to gain.
    return Tent.of(
        List.of(), hours, Math.max(leftH, 1e-6), Maturity.usual(MaturityMethod.ARRHENIUS));
  }
}
