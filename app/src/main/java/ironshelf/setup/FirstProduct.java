package ironshelf.setup;

import static java.util.Objects.requireNonNull;

import ironshelf.core.mould.starting.StartingShapes;
import ironshelf.core.mould.wear.MouldKinds;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.starting.StartingRecipes;
import ironshelf.core.route.StartingRoutes;
import ironshelf.mould.Family;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is to be made, as the questions of the set-up were answered.
 *
 * @param name null: the shape's own
 * @param shape code of a starting shape
 * @param measures by name, in mm, L and kg; what is left out is typical
 * @param svgPath an outline in millimetres, of a shape that takes any; null: the shape's own
 * @param family null: the shape's own
 * @param kind code of what its mould is made of; null: the shape's own
 * @param mix code of a shipped recipe; null where one of the shop's is meant
 * @param recipeId of the shop's own
 * @param fibre whether fibre goes into a shipped recipe that has none
 * @param colours at least one to be kept; with shares they are the layers of one piece
 * @param copies of the mould, 1 to 200 (1)
 * @param targetKg dry mass that it is sold by; null where it is not
 * @param hardwareKg in it, of that mass
 * @param price null: none yet
 * @param route code of a shipped route; null: the usual one
 */
public record FirstProduct(
    @Nullable String name,
    String shape,
    @Nullable Map<String, Double> measures,
    @Nullable String svgPath,
    @Nullable Family family,
    @Nullable String kind,
    @Nullable String mix,
    @Nullable Long recipeId,
    @Nullable Boolean fibre,
    @Nullable List<ColourChoice> colours,
    @Nullable Integer copies,
    @Nullable Double targetKg,
    @WhenMissing("0") double hardwareKg,
    @Nullable BigDecimal price,
    @Nullable String route) {

  private static final int MOST_COPIES = 200;
  private static final double SHARE_TOLERANCE = 0.5;

  /**
   * A colour.
   *
   * @param code as it is offered
   * @param sharePercent of one piece; null where a piece has one colour only
   */
  public record ColourChoice(String code, @Nullable Double sharePercent) {
    public ColourChoice {
      Findings findings = new Findings().text("code", code, 60);
      if (sharePercent != null) {
        findings.above("sharePercent", sharePercent, 0, 100);
      }
      findings.orRefuse();
    }
  }

  public FirstProduct {
    name = name == null || name.isBlank() ? null : name.strip();
    hardwareKg = Double.isNaN(hardwareKg) ? 0 : hardwareKg;
    svgPath = svgPath == null || svgPath.isBlank() ? null : svgPath.strip();
    measures = measures == null ? Map.of() : measures;
    colours = colours == null ? List.of() : List.copyOf(colours);
    copies = copies == null ? Integer.valueOf(1) : copies;
    Findings findings =
        new Findings()
            .text("shape", shape, 40)
            .within("copies", copies, 1, MOST_COPIES)
            .within("hardwareKg", hardwareKg, 0, Findings.MAX_MASS_KG);
    if (name != null) {
      findings.text("name", name, 80);
    }
    if (targetKg != null) {
      findings.above("targetKg", targetKg, 0, Findings.MAX_MASS_KG);
    }
    if (mix == null && recipeId == null) {
      findings.missing("mix");
    }
    unknown(findings, "shape", shape, StartingShapes.find(String.valueOf(shape)).isEmpty());
    unknown(findings, "mix", mix, mix != null && StartingRecipes.shipped().find(mix).isEmpty());
    unknown(findings, "kind", kind, kind != null && MouldKinds.shipped().find(kind).isEmpty());
    unknown(findings, "route", route, route != null && StartingRoutes.find(route).isEmpty());
    List<Double> shares =
        colours.stream().map(ColourChoice::sharePercent).filter(s -> s != null).toList();
    double sum = shares.stream().mapToDouble(Double::doubleValue).sum();
    findings
        .addIf(
            !shares.isEmpty()
                && (shares.size() < colours.size() || Math.abs(sum - 100) > SHARE_TOLERANCE),
            FindingCode.LAYERS_SUM,
            "colours",
            Map.of("value", sum))
        .orRefuse();
  }

  private static void unknown(
      Findings findings, String field, @Nullable String value, boolean wrong) {
    findings.addIf(
        wrong,
        FindingCode.VALUE_UNREADABLE,
        field,
        Map.of("value", String.valueOf(value), "wanted", "one of those shipped"));
  }

  /** The share of each layer of one piece, 0 to 1; none where a piece has one colour. */
  List<Double> layerShares() {
    return isOfSeveralColours()
        ? colours.stream().map(c -> requireNonNull(c.sharePercent()) / 100).toList()
        : List.of();
  }

  /** Whether its colours are the layers of one piece. */
  boolean isOfSeveralColours() {
    return colours.size() > 1 && colours.get(0).sharePercent() != null;
  }
}
