package ironshelf.pour;

import ironshelf.pour.record.PourFillView;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a bowl, or several of one colour in a session, was to have and what really went in.
 *
 * @param sessionId the first bowl of the session
 * @param colourwayVersion which version of it; null where that is not known
 * @param leftKg what was left in the bowl; null where it was not weighed
 * @param thrownKg what was thrown away of it
 * @param fillingMin minutes to fill the copies once it was mixed; null where it is not known
 * @param ratePerHour what an hour cost on that day; null where it is not known
 * @param fills what it filled
 */
public record PourTaken(
    long id,
    long sessionId,
    long recipeId,
    long colourwayId,
    @Nullable Integer colourwayVersion,
    Instant pouredAt,
    double roomC,
    double waterC,
    @Nullable BigDecimal leftKg,
    BigDecimal thrownKg,
    @Nullable Double fillingMin,
    @Nullable BigDecimal ratePerHour,
    List<Taken> taken,
    List<PourFillView> fills) {

  /**
   * Of one material.
   *
   * @param measured whether all of it was
   */
  public record Taken(long materialId, BigDecimal askedKg, BigDecimal actualKg, boolean measured) {
    private Taken plus(Taken other) {
      return new Taken(
          materialId,
          askedKg.add(other.askedKg),
          actualKg.add(other.actualKg),
          measured && other.measured);
    }
  }

  /** Whether all that went in was measured: only then does it teach what the mix makes. */
  public boolean measured() {
    return taken.stream().allMatch(Taken::measured);
  }

  /** Bowls of one colour that were mixed in one session, as one. */
  public static PourTaken together(List<PourTaken> bowls) {
    PourTaken first = bowls.get(0);
    Map<Long, Taken> byMaterial = new LinkedHashMap<>();
    BigDecimal left = null;
    BigDecimal thrown = BigDecimal.ZERO;
    Double minutes = null;
    List<PourFillView> fills = new ArrayList<>();
    for (PourTaken bowl : bowls) {
      bowl.taken.forEach(t -> byMaterial.merge(t.materialId(), t, Taken::plus));
      left = bowl.leftKg == null ? left : bowl.leftKg.add(left == null ? BigDecimal.ZERO : left);
      thrown = thrown.add(bowl.thrownKg);
      minutes = minutes == null ? bowl.fillingMin : minutes;
      fills.addAll(bowl.fills);
    }
    return new PourTaken(
        first.id,
        first.sessionId,
        first.recipeId,
        first.colourwayId,
        first.colourwayVersion,
        first.pouredAt,
        first.roomC,
        first.waterC,
        left,
        thrown,
        minutes,
        first.ratePerHour,
        List.copyOf(byMaterial.values()),
        fills);
  }

  /** All that went in. */
  public BigDecimal wentKg() {
    return taken.stream().map(Taken::actualKg).reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /** How many copies have something of it. */
  public long copies() {
    return fills.stream().map(PourFillView::castId).distinct().count();
  }

  public double filledL() {
    return fills.stream().mapToDouble(PourFillView::litres).sum();
  }
}
