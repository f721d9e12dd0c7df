package ironshelf.setup;

import ironshelf.http.problem.FindingView;
import ironshelf.mould.calc.MouldCalcResponse;
import ironshelf.recipe.ColourOffers.ColourOffer;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the answers come to so far.
 *
 * @param name of the product
 * @param moulds one for most shapes; a cup has its lid's too
 * @param mix name of the recipe
 * @param freshKg wet mix of one piece, its lid with it
 * @param dryKg the piece when it is dry
 * @param dryMixKg what is weighed out dry for one piece, without waste
 * @param atOnceFreshKg wet mix of all moulds filled at once
 * @param atOnceDryMixKg what is weighed out dry for that
 * @param layersDryMixKg the same of each layer of one piece, in the order of the colours that were
 *     chosen; empty where a piece has one colour
 * @param leastWallMm what such a thing wants in that mix
 * @param colours to choose from
 * @param route name of the route that it goes
 * @param routes codes and names of those it may go
 * @param days from the pour until it is ready
 * @param attendedMin of a person's time for one
 * @param knownCost of one, as far as prices are known: materials and minutes
 * @param suggestedPrice two and a half times that; null where nothing is known
 * @param lackPrice materials whose price is not known
 */
public record Preview(
    String name,
    List<PreviewMould> moulds,
    String mix,
    boolean hasFibre,
    double freshDensityKgM3,
    double freshKg,
    double dryKg,
    double dryMixKg,
    double atOnceFreshKg,
    double atOnceDryMixKg,
    List<Double> layersDryMixKg,
    double leastWallMm,
    List<ColourOffer> colours,
    String route,
    List<RouteChoice> routes,
    double days,
    double attendedMin,
    BigDecimal knownCost,
    @Nullable BigDecimal suggestedPrice,
    List<String> lackPrice,
    List<FindingView> warnings) {

  /** One of its moulds. */
  public record PreviewMould(String name, MouldCalcResponse sum) {}

  /** A route that it may go. */
  public record RouteChoice(String code, String name, String why) {}
}
