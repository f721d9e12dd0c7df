package ironshelf.pour.script;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.pour.script.PourState;
import ironshelf.http.PageOf;
import ironshelf.pour.PourBrief;
import ironshelf.pour.PourReader;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds pours: by what was poured, when, of which mix, and how they stand. */
@Service
@Transactional(readOnly = true)
class PourList {

  private final PourSessionRepository sessions;
  private final NotedFactRepository facts;
  private final PourReader reader;
  private final ProductService products;
  private final RecipeService recipes;

  PourList(
      PourSessionRepository sessions,
      NotedFactRepository facts,
      PourReader reader,
      ProductService products,
      RecipeService recipes) {
    this.sessions = sessions;
    this.facts = facts;
    this.reader = reader;
    this.products = products;
    this.recipes = recipes;
  }

  /**
   * What is looked for; null: anything.
   *
   * @param search a product, recipe, colourway or copy
   */
  record Wanted(
      @Nullable String search,
      @Nullable Instant from,
      @Nullable Instant to,
      @Nullable Long colourwayId,
      PourRow.@Nullable PourStands status) {

    private boolean isAnything() {
      return (search == null || search.isBlank())
          && from == null
          && to == null
          && colourwayId == null
          && status == null;
    }
  }

  PageOf<PourRow> find(Wanted wanted, Pageable page) {
    String search = wanted.search() == null ? "" : wanted.search().strip().toLowerCase(Locale.ROOT);
    Map<Long, RecipeView> allRecipes = recipes.allRecipes();
    Map<Long, ColourwayView> colourways = recipes.allColourways();
    Page<Long> found = wanted.isAnything() ? sessions.newest(page) : choose(wanted, search, page);
    Map<Long, PourState.Status> stand =
        sessions.stands(found.getContent()).stream()
            .collect(
                toMap(PourSessionRepository.Stand::pourId, PourSessionRepository.Stand::status));
    Map<Long, PourBrief> briefs =
        reader.briefs(found.getContent()).stream().collect(toMap(PourBrief::id, b -> b));
    Map<Long, String> people = people(found.getContent());
    return PageOf.of(
        found,
        id -> {
          PourBrief brief = briefs.get(id);
          RecipeView recipe = allRecipes.get(brief.recipeId());
          ColourwayView colourway = colourways.get(brief.colourwayId());
          return new PourRow(
              id,
              brief.at(),
              brief.products(),
              recipe.name(),
              colourway.name(),
              colourway.swatch(),
              brief.copies(),
              brief.orders(),
              brief.undone()
                  ? PourRow.PourStands.UNDONE
                  : PourRow.PourStands.valueOf(
                      stand.getOrDefault(id, PourState.Status.RECORDED).name()),
              people.get(id));
        });
  }

  private Page<Long> choose(Wanted wanted, String search, Pageable page) {
    PourRow.PourStands status = wanted.status();
    Boolean undone = status == null ? null : status == PourRow.PourStands.UNDONE;
    PourState.Status stands =
        status == null || status == PourRow.PourStands.UNDONE
            ? null
            : PourState.Status.valueOf(status.name());
    boolean recorded = status == PourRow.PourStands.RECORDED;
    // Lists of ids are put into words anew each time: only who searches pays for that.
    return search.isEmpty()
        ? sessions.all(
            wanted.from(), wanted.to(), undone, stands, recorded, wanted.colourwayId(), page)
        : sessions.search(
            wanted.from(),
            wanted.to(),
            undone,
            stands,
            recorded,
            named(recipes.allRecipes(), RecipeView::name, search),
            named(recipes.allColourways(), ColourwayView::name, search),
            named(products.all(), ProductView::name, search),
            search.toUpperCase(Locale.ROOT),
            wanted.colourwayId(),
            page);
  }

  /** Who pressed last, by the pour. */
  private Map<Long, String> people(List<Long> ids) {
    Map<Long, String> people = new HashMap<>();
    for (NotedFact last : facts.lastOf(ids)) {
      String person = last.fact().person();
      if (person != null) {
        people.put(last.pourOf(), person);
      }
    }
    return people;
  }

  /** Ids of what has that in its name; one that nothing has where there is none. */
  private static <T> Collection<Long> named(
      Map<Long, T> all, Function<T, String> name, String search) {
    List<Long> found =
        all.entrySet().stream()
            .filter(e -> name.apply(e.getValue()).toLowerCase(Locale.ROOT).contains(search))
            .map(Map.Entry::getKey)
            .toList();
    return found.isEmpty() ? List.of(-1L) : found;
  }
}
