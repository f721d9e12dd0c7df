package ironshelf.product;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.route.StartingRoutes;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A product as it is to be kept.
 *
 * @param recipeId the recipe's first version: pours take the newest
 * @param price 0 to 1 000 000
 * @param minutesPerPiece to fill one, 0 to 1 440
 * @param goods release agent, inserts, sealer and packing of one piece, in the shop's money, 0 to 1
 *     000 000
 * @param layers at most 6, the first without a wait; the shares of those before the piece is put
 *     into a mould again make 100 together; empty: one layer
 * @param target null where it is not sold by its mass
 * @param shelfPlace where its pieces stand when they are ready; null where that is not said
 * @param soldIn ids of the colourways that it is offered in; empty: all of its recipe's
 * @param route code of the shipped route that it goes; null: the usual one of its family and mix.
 *     Only where the product is new; later its own route is changed
 * @param wax that it is filled with; null: none
 */
public record ProductRequest(
    String name,
    @Nullable Long mouldId,
    @Nullable Long recipeId,
    @Nullable BigDecimal price,
    @WhenMissing("0") double minutesPerPiece,
    @Nullable BigDecimal goods,
    @Nullable List<ProductLayer> layers,
    @Nullable Target target,
    @Nullable String shelfPlace,
    @Nullable List<Long> soldIn,
    @Nullable String route,
    @Nullable WaxKept wax) {

  private static final BigDecimal MOST = new BigDecimal(1_000_000);

  private static final int MOST_COLOURS = 200;

  /** How far the shares may be off 100, for thirds. */
  private static final double SHARE_TOLERANCE = 0.5;

  public ProductRequest {
    minutesPerPiece = Double.isNaN(minutesPerPiece) ? 0 : minutesPerPiece;
    layers = layers == null || layers.isEmpty() ? List.of(ProductLayer.WHOLE) : List.copyOf(layers);
    shelfPlace = shelfPlace == null || shelfPlace.isBlank() ? null : shelfPlace.strip();
    soldIn = soldIn == null ? List.of() : soldIn.stream().distinct().toList();
    price = price == null ? BigDecimal.ZERO : price;
    goods = goods == null ? BigDecimal.ZERO : goods;
    double sum = firstFilling(layers);
    Findings findings = new Findings();
    money(findings, "price", price);
    money(findings, "goods", goods);
    findings
        .text("name", name, 80)
        .present("mouldId", mouldId)
        .present("recipeId", recipeId)
        .within("minutesPerPiece", minutesPerPiece, 0, 1_440)
        .list("layers", layers, 6)
        .addIf(
            soldIn.size() > MOST_COLOURS,
            FindingCode.LIST_TOO_LONG,
            "soldIn",
            Map.of("value", soldIn.size(), "high", MOST_COLOURS))
        .addIf(
            route != null && StartingRoutes.find(route).isEmpty(),
            FindingCode.VALUE_UNREADABLE,
            "route",
            Map.of("value", String.valueOf(route), "wanted", "one of the routes shipped"))
        .addIf(
            Math.abs(sum - 100) > SHARE_TOLERANCE
                && layers.stream().anyMatch(l -> l.sharePercent() < 100),
            FindingCode.LAYERS_SUM,
            "layers",
            Map.of("value", sum))
        .addIf(
            layers.stream().anyMatch(l -> l.mouldId() != null && l.again() == null),
            FindingCode.LAYERS_MOULD_NOT_AGAIN,
            "layers.mouldId",
            Map.of())
        .addIf(
            Boolean.TRUE.equals(layers.get(0).again()),
            FindingCode.LAYERS_FIRST_AGAIN,
            "layers.0.again",
            Map.of())
        .addIf(
            layers.get(0).waitH() > 0,
            FindingCode.LAYERS_FIRST_WAITS,
            "layers.0.waitH",
            Map.of("value", layers.get(0).waitH()))
        .orRefuse();
    price = price.setScale(2, RoundingMode.HALF_UP);
    goods = goods.setScale(2, RoundingMode.HALF_UP);
  }

  /** The same of another recipe, in its colours. */
  public ProductRequest withRecipe(long recipe, List<ProductLayer> layers, List<Long> soldIn) {
    return new ProductRequest(
        name,
        mouldId,
        recipe,
        price,
        minutesPerPiece,
        goods,
        layers,
        target,
        shelfPlace,
        soldIn,
        route,
        wax);
  }

  /** The same, filled with that. */
  public ProductRequest withWax(@Nullable WaxKept filling) {
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
        route,
        filling);
  }

  /** The shares until the piece is out for the first time: what its mould holds. */
  private static double firstFilling(List<ProductLayer> layers) {
    return layers.stream()
        .takeWhile(l -> !Boolean.TRUE.equals(l.again()))
        .mapToDouble(ProductLayer::sharePercent)
        .sum();
  }

  private static void money(Findings findings, String field, BigDecimal value) {
    findings.amount(field, value, MOST);
  }
}
