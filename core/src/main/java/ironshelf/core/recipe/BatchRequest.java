package ironshelf.core.recipe;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import org.jspecify.annotations.Nullable;

/**
 * How much is wanted, and under what conditions. What is not given takes the value in brackets.
 *
 * @param neededL mix to fill the moulds, over 0 and up to 5 000
 * @param wastePercent for what sticks to the bowl, 0 to 100 (0)
 * @param mixerL the most mixed at once, over 0 and up to 5 000; null: does not bind
 * @param roomC temperature of room and dry materials, -30 to 60 (20)
 * @param waterC 0 to 95 (the room's, or 0 in frost)
 * @param pieces how many the mix is shared over, 1 to 10 000 (1)
 * @param minutesPerPiece to fill one, 0 to 1 440 (0)
 * @param mixMinutes from wetting until it is mixed, 0 to 1 440 (0)
 * @param icePercent of the mixing water that is ice, 0 to 100 (0)
 * @param minutesWanted of work, over 0 and up to 1 440; null: nothing is said about cooling
 */
public record BatchRequest(
    Recipe recipe,
    double neededL,
    @WhenMissing("0") double wastePercent,
    @Nullable Double mixerL,
    @WhenMissing("20") double roomC,
    @WhenMissing("roomC") double waterC,
    @Nullable Integer pieces,
    @WhenMissing("0") double minutesPerPiece,
    @WhenMissing("0") double mixMinutes,
    @WhenMissing("0") double icePercent,
    @Nullable Double minutesWanted) {

  private static final double MAX_L = 5_000;
  private static final double DAY_MIN = 1_440;

  public BatchRequest {
    wastePercent = or(wastePercent, 0);
    roomC = or(roomC, WorkingTime.REFERENCE_C);
    waterC = or(waterC, Math.max(0, roomC));
    minutesPerPiece = or(minutesPerPiece, 0);
    mixMinutes = or(mixMinutes, 0);
    icePercent = or(icePercent, 0);
    pieces = pieces == null ? Integer.valueOf(1) : pieces;
    Findings findings =
        new Findings()
            .present("recipe", recipe)
            .above("neededL", neededL, 0, MAX_L)
            .within("wastePercent", wastePercent, 0, 100)
            .within("roomC", roomC, -30, 60)
            .within("waterC", waterC, 0, 95)
            .within("pieces", pieces, 1, 10_000)
            .within("minutesPerPiece", minutesPerPiece, 0, DAY_MIN)
            .within("mixMinutes", mixMinutes, 0, DAY_MIN)
            .within("icePercent", icePercent, 0, 100);
    if (minutesWanted != null) {
      findings.above("minutesWanted", minutesWanted, 0, DAY_MIN);
    }
    if (mixerL != null) {
      findings.above("mixerL", mixerL, 0, MAX_L);
    }
    findings.orRefuse();
  }

  /** A request without ice, and without a question about cooling. */
  public BatchRequest(
      Recipe recipe,
      double neededL,
      double wastePercent,
      @Nullable Double mixerL,
      double roomC,
      double waterC,
      @Nullable Integer pieces,
      double minutesPerPiece,
      double mixMinutes) {
    this(
        recipe,
        neededL,
        wastePercent,
        mixerL,
        roomC,
        waterC,
        pieces,
        minutesPerPiece,
        mixMinutes,
        0,
        null);
  }

  /** Returns a litre of a recipe at its reference conditions, to learn its density. */
  public static BatchRequest ofOneLitre(Recipe recipe) {
    return ofLitres(recipe, 1, 0);
  }

  /** So much of a recipe at its reference conditions, mixed at once: its masses alone matter. */
  public static BatchRequest ofLitres(Recipe recipe, double neededL, double wastePercent) {
    return new BatchRequest(
        recipe, neededL, wastePercent, null, Double.NaN, Double.NaN, null, Double.NaN, Double.NaN);
  }

  /** Returns what is mixed: what is needed and the waste share on top. */
  public double yieldL() {
    return neededL * (1 + wastePercent / 100);
  }

  private static double or(double value, double instead) {
    return Double.isNaN(value) ? instead : value;
  }
}
