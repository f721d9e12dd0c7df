package ironshelf.shelf.strength;

import ironshelf.core.cure.Strength;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.http.problem.FindingView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How strong a piece is.
 *
 * @param ageH equivalent, now
 * @param share of its 28-day strength, now
 * @param strength28Mpa that its recipe promises at 28 days; null where it promises none
 * @param curve that its binder class has
 * @param methods the same history by each
 * @param classes what other curves give at that age
 * @param temperatures that it had, thinned out
 */
public record StrengthView(
    Instant pouredAt,
    double ageH,
    double share,
    @Nullable Double strength28Mpa,
    List<CurvePoint> curve,
    List<StrengthMark> marks,
    List<Strength.ByMethod> methods,
    List<ByClass> classes,
    List<ProbeReading> temperatures,
    List<FindingView> warnings) {

  /** The share of 28-day strength at an equivalent age. */
  public record CurvePoint(double ageH, double share) {}

  /**
   * A moment of its life.
   *
   * @param ageH equivalent
   * @param at null where it is only an age
   */
  public record StrengthMark(String name, double ageH, double share, @Nullable Instant at) {}

  /** Another curve's share. */
  public record ByClass(String name, String source, double share) {}
}
