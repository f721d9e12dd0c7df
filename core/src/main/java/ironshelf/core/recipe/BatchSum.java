package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.material.Water;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What to weigh out for so many litres, by absolute volume (ACI 211.1-91, 5.3;
 * docs/method/mixes.md).
 *
 * <p>Refused: what {@link Recipe} and {@link BatchRequest} refuse, aggregate that carries more free
 * water than the mix takes, a mixer that does not hold one piece's share, a working time that does
 * not fill one piece. Not promised: that the mix is workable or strong.
 */
public final class BatchSum {

  /** More pigment weakens the mix (ASTM C979; EN 12878). */
  public static final double MOST_PIGMENT_PERCENT = 10;

  /** Share of the clock that is forgiven, so that a limit met exactly is not missed by rounding. */
  private static final double TOLERANCE = 1e-9;

  private BatchSum() {}

  public static BatchResult of(BatchRequest request) {
    Proportions proportions = Proportions.of(request.recipe());
    double factor = request.yieldL() / proportions.yieldL();
    List<BatchResult.Line> lines = lines(proportions, factor);
    double binderKg = proportions.sumOf(proportions.dryKg(), Role.BINDER);
    double waterKg = proportions.sumOf(proportions.weighedKg(), Role.WATER);
    double pigmentPercent =
        100 * proportions.sumOf(proportions.dryKg(), Role.PIGMENT) / proportions.cementKg();
    MixHeat heat =
        new MixHeat((proportions.totalKg() - waterKg) * factor, request.roomC(), waterKg * factor);
    double mixC =
        heat.mixC(request.waterC(), waterKg * factor * request.icePercent() / 100, "icePercent");
    Double at20 = request.recipe().workingMinAt20C();
    Double workingMin = at20 == null ? null : WorkingTime.minutes(at20, mixC);
    List<Finding> warnings = new ArrayList<>();
    if (pigmentPercent > MOST_PIGMENT_PERCENT) {
      warnings.add(
          Finding.of(
              FindingCode.PIGMENT_HIGH,
              Map.of("value", pigmentPercent, "most", MOST_PIGMENT_PERCENT)));
    }
    if (workingMin != null && !WorkingTime.isForetold(mixC)) {
      warnings.add(
          Finding.of(
              FindingCode.WORKING_UNSURE,
              Map.of(
                  "value",
                  mixC,
                  "least",
                  WorkingTime.COLDEST_C,
                  "most",
                  WorkingTime.WARMEST_C,
                  "working",
                  workingMin)));
    }
    return new BatchResult(
        lines,
        request.yieldL(),
        proportions.totalKg() / proportions.yieldL() * 1000,
        proportions.sumOf(proportions.dryKg(), Role.WATER) / binderKg,
        pigmentPercent,
        mixC,
        workingMin,
        water(request.recipe().water(), waterKg * factor),
        request.minutesWanted() == null ? null : heat.coolingFor(at20, request.minutesWanted()),
        batches(request, lines, workingMin),
        List.copyOf(warnings));
  }

  private static List<BatchResult.Line> lines(Proportions proportions, double factor) {
    List<BatchResult.Line> lines = new ArrayList<>();
    for (int i = 0; i < proportions.ingredients().size(); i++) {
      Ingredient ingredient = proportions.ingredients().get(i);
      double dryKg = proportions.dryKg().get(i) * factor;
      double massKg = proportions.weighedKg().get(i) * factor;
      boolean water = ingredient.role() == Role.WATER;
      double freeWaterKg = water ? 0 : dryKg * ingredient.freeWaterShare();
      Double bulk = ingredient.bulkDensityKgM3();
      lines.add(
          new BatchResult.Line(
              ingredient.name(),
              ingredient.role(),
              massKg,
              bulk == null ? null : massKg / bulk * 1000,
              Proportions.absoluteL(ingredient, water ? massKg : dryKg)
                  + freeWaterKg / Water.DENSITY_KG_L,
              ingredient.packKg() == null ? null : massKg / ingredient.packKg()));
    }
    return List.copyOf(lines);
  }

  private static BatchResult.Water water(WaterWindow window, double targetKg) {
    return window == null
        ? null
        : new BatchResult.Water(
            targetKg * window.leastPercent() / 100,
            targetKg,
            targetKg * window.mostPercent() / 100);
  }

  /** As few batches as mixer and clock allow, as equal as whole pieces allow, larger ones first. */
  private static List<BatchResult.Batch> batches(
      BatchRequest request, List<BatchResult.Line> lines, Double workingMin) {
    int most = mostPiecesAtOnce(request, workingMin);
    int pieces = request.pieces();
    int count = (pieces + most - 1) / most;
    Double pourWithin = workingMin == null ? null : workingMin - request.mixMinutes();
    List<BatchResult.Batch> batches = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int mine = pieces / count + (i < pieces % count ? 1 : 0);
      double share = (double) mine / pieces;
      batches.add(
          new BatchResult.Batch(
              mine, lines.stream().map(line -> line.share(share)).toList(), pourWithin));
    }
    return List.copyOf(batches);
  }

  private static int mostPiecesAtOnce(BatchRequest request, Double workingMin) {
    double most = request.pieces();
    Findings findings = new Findings();
    if (request.mixerL() != null) {
      double pieceL = request.yieldL() / request.pieces();
      double fit = Math.floor(request.mixerL() / pieceL * (1 + TOLERANCE));
      findings.addIf(
          fit < 1,
          FindingCode.BATCH_MIXER_TOO_SMALL,
          "mixerL",
          Map.of("value", request.mixerL(), "piece", pieceL));
      most = Math.min(most, fit);
    }
    if (workingMin != null) {
      double left = workingMin - request.mixMinutes();
      double fit =
          request.minutesPerPiece() > 0
              ? Math.floor(left / request.minutesPerPiece() * (1 + TOLERANCE))
              : (left > 0 ? most : 0);
      findings.addIf(
          fit < 1,
          FindingCode.BATCH_CLOCK_TOO_SHORT,
          "minutesPerPiece",
          Map.of(
              "value", request.minutesPerPiece(),
              "mix", request.mixMinutes(),
              "working", workingMin,
              "water", request.waterC()));
      most = Math.min(most, fit);
    }
    findings.orRefuse();
    return (int) most;
  }
}
