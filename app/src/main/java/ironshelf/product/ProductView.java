package ironshelf.product;

import com.fasterxml.jackson.annotation.JsonIgnore;
import ironshelf.access.Money;
import ironshelf.recipe.colourway.ColourwayView;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A product as others see it.
 *
 * @param shelfPlace where its pieces stand when they are ready; null where that is not said
 * @param wax null where it is not filled
 * @param soldIn ids of the colourways that it is offered in; empty: all of its recipe's
 */
public record ProductView(
    long id,
    long version,
    String name,
    long mouldId,
    long recipeId,
    @Money BigDecimal price,
    double minutesPerPiece,
    @Money BigDecimal goods,
    List<ProductLayer> layers,
    @Nullable Target target,
    @Nullable String shelfPlace,
    List<Long> soldIn,
    @Nullable WaxKept wax) {

  /** Whether every layer has a colour of its own, so that there is nothing to choose. */
  @JsonIgnore
  public boolean isOfFixedColours() {
    return layers.stream().allMatch(l -> l.colourwayId() != null);
  }

  /** The id of the colourway that it goes by where its colours are fixed: its first layer's. */
  private @Nullable Long fixedColourway() {
    return isOfFixedColours() ? layers.get(0).colourwayId() : null;
  }

  /** Those of its recipe's colourways that it is offered in. */
  public List<ColourwayView> offered(List<ColourwayView> ofRecipe) {
    Long fixed = fixedColourway();
    return ofRecipe.stream()
        .filter(c -> fixed == null ? soldIn.isEmpty() || soldIn.contains(c.id()) : c.id() == fixed)
        .toList();
  }

  /** Whether one can have it in that colourway. */
  public boolean isOffered(ColourwayView colourway) {
    return colourway.recipeId() == recipeId && !offered(List.of(colourway)).isEmpty();
  }

  /**
   * Tells the products that one mix can fill together: same recipe, and in that session layers of
   * the same colours, shares and fibre.
   */
  public String mixKey(int firstLayer, long colourwayId) {
    return recipeId
        + ":"
        + session(firstLayer).stream()
            .map(
                l ->
                    (l.colourwayId() == null ? colourwayId : l.colourwayId())
                        + "/"
                        + l.sharePercent()
                        + "/"
                        + l.withoutFibre())
            .collect(Collectors.joining("+"));
  }

  /** The layers mixed in one session: that one, and those after it that do not wait. */
  public List<ProductLayer> session(int firstLayer) {
    int end = firstLayer + 1;
    while (end < layers.size()
        && layers.get(end).waitH() == 0
        && !Boolean.TRUE.equals(layers.get(end).again())) {
      end++;
    }
    return layers.subList(firstLayer, end);
  }

  /** All that goes into a mould from that layer on, until it is out. */
  public List<ProductLayer> filling(int firstLayer) {
    int end = firstLayer + 1;
    while (end < layers.size() && !Boolean.TRUE.equals(layers.get(end).again())) {
      end++;
    }
    return layers.subList(firstLayer, end);
  }

  /** The mould that a layer is poured into. */
  public long mouldOf(int layerNo) {
    for (int i = layerNo; i > 0; i--) {
      if (Boolean.TRUE.equals(layers.get(i).again())) {
        Long own = layers.get(i).mouldId();
        return own == null ? mouldId : own;
      }
    }
    return mouldId;
  }

  /** The first layer of a pour of its route, from 0. */
  public int layerOf(int pour) {
    return pour == 0 ? 0 : again().get(Math.min(pour, again().size()) - 1);
  }

  /** The layers for which it is put into a mould again, by their numbers. */
  @JsonIgnore
  public List<Integer> again() {
    return IntStream.range(0, layers.size())
        .filter(i -> Boolean.TRUE.equals(layers.get(i).again()))
        .boxed()
        .toList();
  }

  /** What is waited before each of those, where its route does not say otherwise. */
  @JsonIgnore
  public List<Double> waitsBeforeAgain() {
    return again().stream().map(i -> layers.get(i).waitH()).toList();
  }

  /** What of it is kept and can be changed. */
  public ProductRequest kept() {
    return new ProductRequest(
        name,
        mouldId,
        recipeId,
        price,
        minutesPerPiece,
        goods,
        layers,
        target,
        shelfPlace,
        soldIn,
        null,
        wax);
  }
}
