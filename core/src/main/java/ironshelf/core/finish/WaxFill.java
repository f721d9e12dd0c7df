package ironshelf.core.finish;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;

/**
 * Scented wax for a vessel: what its volume holds below the headspace, as wax and fragrance. Makers
 * count fragrance of the wax or of the total; both figures are given (docs/method/finish.md).
 * Fragrance is taken to have the density of the melted wax. Not promised: what the wax's and the
 * fragrance's data sheets allow, which decide.
 *
 * @param fillL melted wax and fragrance in one, at its pouring temperature
 * @param ofWaxPercent fragrance over wax
 * @param ofTotalPercent fragrance over both
 */
public record WaxFill(
    double fillL,
    double totalKg,
    double waxKg,
    double fragranceKg,
    double ofWaxPercent,
    double ofTotalPercent,
    List<WaxStep> steps) {

  /** Melted soy wax at 60 degrees, kg/L (from memory). */
  public static final double MELTED_KG_L = 0.86;

  /** Wicks are trimmed to that (common practice). */
  public static final double WICK_MM = 6;

  private static final List<WaxStep> STEPS =
      List.of(
          new WaxStep("melt", 85, 85),
          new WaxStep("fragrance", 70, 75),
          new WaxStep("pour", 57, 60));

  /** Wax and fragrance of so many vessels. */
  public record Melt(double waxKg, double fragranceKg) {}

  /** How fragrance is counted. */
  public enum Convention {
    OF_WAX,
    OF_TOTAL
  }

  /** A step of the work and its temperatures (common practice). */
  public record WaxStep(String step, double fromC, double toC) {}

  /**
   * A vessel and what is wanted in it. What is not given takes the value in brackets.
   *
   * @param containerL to the rim, over 0 and up to 100
   * @param headspacePercent of it that stays empty, 0 to 60 (10)
   * @param fragrancePercent 0 to 20; 0 to 15 of the total is usual, and the data sheets decide
   * @param convention of which the share is (OF_WAX)
   * @param meltedKgL 0.5 to 1.5 (0.86)
   */
  public record WaxRequest(
      double containerL,
      @WhenMissing("10") double headspacePercent,
      double fragrancePercent,
      Convention convention,
      @WhenMissing("0.86") double meltedKgL) {

    public WaxRequest {
      headspacePercent = Double.isNaN(headspacePercent) ? 10 : headspacePercent;
      meltedKgL = Double.isNaN(meltedKgL) ? MELTED_KG_L : meltedKgL;
      convention = convention == null ? Convention.OF_WAX : convention;
      new Findings()
          .above("containerL", containerL, 0, 100)
          .within("headspacePercent", headspacePercent, 0, 60)
          .within("fragrancePercent", fragrancePercent, 0, 20)
          .within("meltedKgL", meltedKgL, 0.5, 1.5)
          .orRefuse();
    }
  }

  public WaxFill {
    steps = List.copyOf(steps);
  }

  /**
   * Returns what is melted for so many.
   *
   * @param pieces 1 to 100 000
   */
  public Melt melt(int pieces) {
    new Findings().within("pieces", pieces, 1, Pieces.MOST).orRefuse();
    return new Melt(waxKg * pieces, fragranceKg * pieces);
  }

  public static WaxFill of(WaxRequest request) {
    double fillL = request.containerL() * (1 - request.headspacePercent() / 100);
    double totalKg = fillL * request.meltedKgL();
    double share = request.fragrancePercent() / 100;
    double waxKg =
        request.convention() == Convention.OF_WAX ? totalKg / (1 + share) : totalKg * (1 - share);
    double fragranceKg = totalKg - waxKg;
    return new WaxFill(
        fillL,
        totalKg,
        waxKg,
        fragranceKg,
        100 * fragranceKg / waxKg,
        100 * fragranceKg / totalKg,
        STEPS);
  }
}
