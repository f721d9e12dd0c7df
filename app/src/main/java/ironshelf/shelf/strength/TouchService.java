package ironshelf.shelf.strength;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.core.cure.TouchMarks;
import ironshelf.cure.CureService;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepActView;
import ironshelf.piece.StepLedger;
import ironshelf.pour.PourReader;
import ironshelf.pour.record.PourFacts;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what hands said of a recipe's demould age; keeps nothing. */
@Service
@Transactional(readOnly = true)
class TouchService {

  private final StepLedger ledger;
  private final PieceService pieces;
  private final PourReader pours;
  private final RecipeService recipes;
  private final CureService cure;

  TouchService(
      StepLedger ledger,
      PieceService pieces,
      PourReader pours,
      RecipeService recipes,
      CureService cure) {
    this.ledger = ledger;
    this.pieces = pieces;
    this.pours = pours;
    this.recipes = recipes;
    this.cure = cure;
  }

  /**
   * What the marks say, beside what is used.
   *
   * @param marks each with its age
   */
  record TouchView(
      double demouldAgeUsedH,
      Double greenUntilUsedH,
      TouchMarks learned,
      List<TouchMarks.TouchMark> marks) {}

  TouchView touch(long recipeId) {
    RecipeView recipe = recipes.recipe(recipeId);
    List<StepActView> acts =
        ledger.touched().stream().filter(a -> !a.pieceIds().isEmpty()).toList();
    Map<Long, PieceView> byId =
        pieces.byIds(acts.stream().map(a -> a.pieceIds().get(0)).toList()).stream()
            .collect(toMap(PieceView::id, identity()));
    Map<Long, PourFacts> facts =
        pours.facts(byId.values().stream().map(PieceView::castId).distinct().toList());
    Map<Long, RecipeView> recipesById = recipes.allRecipes();
    List<TouchMarks.TouchMark> marks = new ArrayList<>();
    for (StepActView act : acts) {
      PourFacts poured = facts.get(byId.get(act.pieceIds().get(0)).castId());
      if (poured != null
          && act.touch() != null
          && recipesById.get(poured.recipeId()).firstId() == recipe.firstId()) {
        marks.add(new TouchMarks.TouchMark(cure.ageH(poured.stays(), act.doneAt()), act.touch()));
      }
    }
    return new TouchView(
        recipe.demouldAgeH(),
        recipe.greenUntilAgeH(),
        TouchMarks.of(marks, recipe.demouldAgeH(), recipe.greenUntilAgeH()),
        marks);
  }
}
