package ironshelf.pour.script;

import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.core.pour.Leftover;
import ironshelf.core.pour.script.PourState;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds moulds for what is in the bowls. */
@Service
@Transactional(readOnly = true)
class FreeMoulds {

  /** The exact sum takes so many kinds, and so much mix. */
  private static final int MOST_KINDS = 50;

  private static final double MOST_KG = 100;

  private final SessionService sessions;
  private final MouldService moulds;
  private final ProductService products;
  private final RecipeService recipes;

  FreeMoulds(
      SessionService sessions,
      MouldService moulds,
      ProductService products,
      RecipeService recipes) {
    this.sessions = sessions;
    this.moulds = moulds;
    this.products = products;
    this.recipes = recipes;
  }

  /**
   * Every mould with a free copy that something is made in; what fills the rest best comes first.
   */
  List<FreeMould> of(long pourId) {
    PourSessionView session = sessions.view(pourId);
    PourState.Bowl bowl = session.state().bowl();
    double kgPerL = bowl.litres() > 0 ? bowl.inKg() / bowl.litres() : 0;
    long recipe = recipes.recipe(session.meant().recipeId()).firstId();
    Set<String> inPour = new HashSet<>();
    session.state().copies().forEach(c -> inPour.add(c.copy()));
    Map<Long, ProductView> becomes = new LinkedHashMap<>();
    products.all().values().stream()
        .filter(p -> p.layers().size() == 1)
        .sorted(
            Comparator.comparing((ProductView p) -> p.recipeId() != recipe)
                .thenComparing(ProductView::price, Comparator.reverseOrder()))
        .forEach(p -> becomes.putIfAbsent(p.mouldId(), p));
    double partKg =
        session.state().copies().stream()
            .filter(c -> c.fill() == PourState.Fill.PART && c.leftOut() == null)
            .mapToDouble(PourState.CopyState::kg)
            .sum();
    List<FreeMould> free = new ArrayList<>();
    Map<String, Double> worth = new LinkedHashMap<>();
    for (MouldView mould : moulds.moulds("", Pageable.unpaged()).items()) {
      ProductView product = becomes.get(mould.id());
      List<String> copies =
          mould.copies().stream()
              .filter(c -> c.held() == null && c.condition() == CopyCondition.GOOD)
              .map(CopyView::code)
              .filter(code -> !inPour.contains(code))
              .toList();
      if (product != null && !copies.isEmpty()) {
        worth.put(mould.name(), Math.max(1, product.price().doubleValue()));
        double kg = mould.capacityL() * kgPerL;
        free.add(
            new FreeMould(
                mould.id(),
                mould.name(),
                product.id(),
                product.name(),
                copies,
                mould.shape().cavities(),
                mould.capacityL(),
                kg,
                product.recipeId() == recipe,
                0,
                kg > 0 ? (int) Math.min(copies.size(), Math.floor(partKg / kg)) : 0));
      }
    }
    return best(free, worth, bowl.leftKg());
  }

  private static List<FreeMould> best(
      List<FreeMould> free, Map<String, Double> worth, double leftKg) {
    List<Leftover.Filler> fillers =
        free.stream()
            .filter(f -> f.kg() > 0 && f.kg() <= leftKg)
            .limit(MOST_KINDS)
            .map(
                f ->
                    new Leftover.Filler(
                        f.mould(), f.kg(), f.copies().size(), worth.getOrDefault(f.mould(), 1.0)))
            .toList();
    Map<String, Integer> counts =
        fillers.isEmpty()
            ? Map.of()
            : Leftover.of(Math.min(MOST_KG, leftKg), fillers).fill().stream()
                .collect(toMap(Leftover.Fill::mould, Leftover.Fill::count));
    return free.stream()
        .map(
            f ->
                new FreeMould(
                    f.mouldId(),
                    f.mould(),
                    f.productId(),
                    f.product(),
                    f.copies(),
                    f.cavities(),
                    f.litres(),
                    f.kg(),
                    f.sameRecipe(),
                    counts.getOrDefault(f.mould(), 0),
                    f.fillFromPart()))
        .sorted(
            Comparator.comparing((FreeMould f) -> f.fill() == 0)
                .thenComparing(f -> !f.sameRecipe())
                .thenComparing(f -> Math.abs(f.kg() - leftKg)))
        .toList();
  }
}
