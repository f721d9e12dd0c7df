package ironshelf.demo;

import static ironshelf.core.recipe.Basis.PARTS_BY_VOLUME;

import ironshelf.core.cure.binder.BinderClass;
import ironshelf.core.cure.binder.BinderClasses;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Placement;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.WaterWindow;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductRequest;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.Target;
import ironshelf.recipe.NewRecipe;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayRequest;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.style.ShopWriter;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The demo's materials, mixes and products. */
@Component
class DemoCatalogue {

  /** A level spoon of dry pigment, as the shop weighed it. */
  private static final double SPOON_G = 14;

  /** What the demo makes, and in which colours. */
  record Goods(
      ProductView bowl,
      ProductView cup,
      ProductView vase,
      ProductView tray,
      ProductView ebb,
      ProductView stone,
      ProductView plate,
      ProductView hexTile,
      ProductView boatStone,
      ProductView lantern,
      ColourwayView chalk,
      ColourwayView slate,
      ColourwayView clay,
      ColourwayView rough) {}

  private static final double KG_PER_LB = 0.453_592_37;

  private final MaterialService materials;
  private final RecipeService recipes;
  private final ProductService products;
  private final DemoMoulds moulds;
  private final ShopWriter writer;

  DemoCatalogue(
      MaterialService materials,
      RecipeService recipes,
      ProductService products,
      DemoMoulds moulds,
      ShopWriter writer) {
    this.materials = materials;
    this.recipes = recipes;
    this.products = products;
    this.moulds = moulds;
    this.writer = writer;
  }

  /**
   * What stands in the store today came a month ago.
   *
   * @param blackKg so little that the plan runs out of it
   */
  void deliver(Instant now, String blackKg) {
    Instant month = now.minus(Duration.ofDays(30));
    receive("rapid-cement", "RC-31", "60", month);
    receive("rapid-cement", "RC-32", "120", month);
    receive("titanium-dioxide", "TD-04", "12", month);
    receive("oxide-black", "BK-11", blackKg, month);
    receive("oxide-red", "RD-07", "6", month);
    receive("portland-grey", "PC-02", "100", month);
    receive("silica-sand", "SS-19", "250", month);
  }

  private void receive(String code, String lot, String kg, Instant at) {
    materials.receive(materials.adoptOnce(code).id(), lot, new BigDecimal(kg), at);
  }

  Goods furnish() {
    long cement = stock("rapid-cement", 20.0, "24.50");
    long white = stock("titanium-dioxide", 5.0, "38.00");
    long black = stock("oxide-black", 1.0, "16.00");
    long red = stock("oxide-red", 1.0, "15.00");
    long grey = stock("portland-grey", 25.0, "9.80");
    long sand = stock("silica-sand", 25.0, "6.40");
    long water = materials.adoptOnce("water").id();

    BinderClass rapid = BinderClasses.shipped().find("rapid-neat").orElseThrow();
    long neat =
        recipes
            .add(
                new NewRecipe(
                    "Rapid neat 4 : 1",
                    "rapid-set cement, neat",
                    "pancake batter: pour",
                    Placement.POURED,
                    "It heats as it sets; never in one lump thicker than your hand",
                    "rapid-neat",
                    Addition.COLOUR_IN_WATER,
                    2,
                    1,
                    null,
                    15,
                    3,
                    new WaterWindow(85, 108),
                    rapid.demouldAgeH(),
                    rapid.greenUntilAgeH(),
                    rapid.sealAfterH(),
                    Recipe.STARTING_RETENTION,
                    null,
                    List.of(
                        new NewRecipe.RecipePart(water, PARTS_BY_VOLUME, 1),
                        new NewRecipe.RecipePart(cement, PARTS_BY_VOLUME, 4))))
            .id();
    ColourwayView chalk =
        colourway(
            neat, "Chalk", "#dcd8cc", 4, List.of(new ColourwayRequest.DoseRequest(white, 3.0)));
    ColourwayView slate =
        colourway(
            neat, "Slate", "#6a727a", -3, List.of(new ColourwayRequest.DoseRequest(black, 4.0)));
    ColourwayView clay =
        colourway(neat, "Clay", "#b98766", 0, List.of(new ColourwayRequest.DoseRequest(red, 3.0)));

    BinderClass sandCement = BinderClasses.shipped().find("sand-cement").orElseThrow();
    long heavy =
        recipes
            .add(
                new NewRecipe(
                    "Sand and cement 2 : 1",
                    "sand-cement",
                    "thick batter: trowel and tap",
                    Placement.TROWELLED,
                    "Dust: fitted respirator while powder and sand are open",
                    "sand-cement",
                    Addition.COLOUR_IN_POWDER,
                    3,
                    1,
                    null,
                    60,
                    4,
                    new WaterWindow(90, 110),
                    sandCement.demouldAgeH(),
                    sandCement.greenUntilAgeH(),
                    sandCement.sealAfterH(),
                    Recipe.STARTING_RETENTION,
                    null,
                    List.of(
                        new NewRecipe.RecipePart(grey, PARTS_BY_VOLUME, 1),
                        new NewRecipe.RecipePart(sand, PARTS_BY_VOLUME, 2),
                        new NewRecipe.RecipePart(water, PARTS_BY_VOLUME, 0.65))))
            .id();
    ColourwayView rough = colourway(heavy, "Plain grey", "#8f9294", 0, List.of());

    // A round figure in the shop's units.
    double heavyKg = writer.style().units() == UnitSystem.US ? 44 * KG_PER_LB : 20;
    String stone = "Carry stone " + writer.mass(heavyKg);
    String plate = "Loading plate " + writer.mass(heavyKg);
    long bowl = moulds.bowl();
    long cup = moulds.cup();
    long vase = moulds.vase();
    long tray = moulds.tray();
    return new Goods(
        product("Ripple bowl", bowl, neat, "34.00", 2),
        product("Tea-light cup", cup, neat, "11.50", 1),
        product("Reed vase", vase, neat, "28.00", 2),
        layered(
            "Tide tray",
            tray,
            neat,
            "22.00",
            1.5,
            new ProductLayer("tide", slate.id(), 40, 0, false, null, null)),
        layered(
            "Ebb tray",
            tray,
            neat,
            "26.00",
            2,
            new ProductLayer("ebb", chalk.id(), 40, 1, false, null, null)),
        weighed(stone, moulds.stone(stone), heavy, "75.00", 8, new Target(heavyKg, 0.4, 0)),
        weighed(plate, moulds.plate(plate), heavy, "58.00", 5, new Target(heavyKg, 0.2, 0)),
        product("Hex tile", moulds.hexTile(), heavy, "9.50", 2),
        product("Boat stepping stone", moulds.boatStone(), heavy, "26.00", 4),
        product("Lantern base", moulds.lantern(), neat, "41.00", 3),
        chalk,
        slate,
        clay,
        rough);
  }

  /** A colour out of a bottle, for the pavers. */
  ColourwayView smoke(Goods goods) {
    long bottle = materials.adoptOnce("colour-bottle-black").id();
    return colourway(
        goods.hexTile().recipeId(),
        "Smoke",
        "#5d6163",
        0,
        List.of(new ColourwayRequest.DoseRequest(bottle, 1.5)));
  }

  private ColourwayView colourway(
      long recipeId,
      String name,
      String swatch,
      double waterOffsetPercent,
      List<ColourwayRequest.DoseRequest> doses) {
    return recipes.addColourway(
        recipeId, new ColourwayRequest(name, swatch, waterOffsetPercent, doses));
  }

  private ProductView product(
      String name, long mouldId, long recipeId, String price, double minutesPerPiece) {
    return keep(name, mouldId, recipeId, price, minutesPerPiece, List.of(), null);
  }

  /** With three fifths in the colour that was ordered below another. */
  private ProductView layered(
      String name,
      long mouldId,
      long recipeId,
      String price,
      double minutesPerPiece,
      ProductLayer above) {
    List<ProductLayer> layers =
        List.of(
            new ProductLayer("ground", null, 100 - above.sharePercent(), 0, false, null, null),
            above);
    return keep(name, mouldId, recipeId, price, minutesPerPiece, layers, null);
  }

  private ProductView weighed(
      String name,
      long mouldId,
      long recipeId,
      String price,
      double minutesPerPiece,
      Target target) {
    return keep(name, mouldId, recipeId, price, minutesPerPiece, List.of(), target);
  }

  private ProductView keep(
      String name,
      long mouldId,
      long recipeId,
      String price,
      double minutesPerPiece,
      List<ProductLayer> layers,
      @Nullable Target target) {
    return products.add(
        new ProductRequest(
            name,
            mouldId,
            recipeId,
            new BigDecimal(price),
            minutesPerPiece,
            new BigDecimal("0.60"),
            layers,
            target,
            "bay " + (char) ('A' + mouldId % BAYS),
            null,
            null,
            null));
  }

  /** Bays of the ready shelf; each mould's pieces stand in one. */
  private static final int BAYS = 4;

  private long stock(String code, double metricPackKg, String pricePerPack) {
    // A pack is a round figure where it is sold.
    double packKg =
        writer.style().units() == UnitSystem.US
            ? Math.round(metricPackKg / KG_PER_LB) * KG_PER_LB
            : metricPackKg;
    MaterialView material = materials.adoptOnce(code);
    materials.change(
        material.id(),
        material.version(),
        material
            .kept()
            .with(
                writer.mass(packKg).replace('\u2009', ' ') + " bag",
                packKg,
                new BigDecimal(pricePerPack),
                packKg <= 1 ? SPOON_G : null,
                4));
    return material.id();
  }
}
