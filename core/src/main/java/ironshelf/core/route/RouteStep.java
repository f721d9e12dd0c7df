package ironshelf.core.route;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of a route. What is not given takes the value in brackets.
 *
 * @param step code of its kind
 * @param attendedMin of a person's time for one piece each time it is done, 0 to 1 440 (0)
 * @param waitH of a step that time does, over 0 and up to 10 000; null for setting and drying: the
 *     recipe's own; null for steps that a person does
 * @param bestH hours after its gate in which it is best done; null where it does not matter
 * @param station where it takes up room; null where it takes up none
 * @param times how often it is done, 1 to 10 (1)
 * @param gapMin between two times, 0 to 10 000 (0)
 * @param wetting how it is kept wet; null where its kind says, or for under water
 * @param faces of a coat; null for all over
 * @param gramsPerM2 of sealer a coat, 0 to 2 000 (0)
 * @param parts that a joining step takes; null where it takes none
 * @param mixKg of mix that joining takes for each piece, over 0 and up to 5 000; null where it
 *     takes none
 * @param materials that it takes each time that it is done; null where it takes none
 */
public record RouteStep(
    String step,
    @WhenMissing("0") double attendedMin,
    @Nullable Double waitH,
    @Nullable Double bestH,
    @Nullable String station,
    @WhenMissing("1") int times,
    @WhenMissing("0") double gapMin,
    @Nullable Wetting wetting,
    @Nullable SealedFaces faces,
    @WhenMissing("0") double gramsPerM2,
    @Nullable List<PartWanted> parts,
    @Nullable Double mixKg,
    @Nullable List<MaterialWanted> materials) {

  private static final double MOST_H = 10_000;

  public RouteStep {
    attendedMin = Double.isNaN(attendedMin) ? 0 : attendedMin;
    times = times == 0 ? 1 : times;
    gapMin = Double.isNaN(gapMin) ? 0 : gapMin;
    gramsPerM2 = Double.isNaN(gramsPerM2) ? 0 : gramsPerM2;
    parts = parts == null || parts.isEmpty() ? null : parts;
    materials = materials == null || materials.isEmpty() ? null : materials;
    station = station == null || station.isBlank() ? null : station.strip();
    Findings findings =
        new Findings()
            .text("step", step, 40)
            .within("attendedMin", attendedMin, 0, 1_440)
            .within("times", times, 1, 10)
            .within("gapMin", gapMin, 0, MOST_H)
            .within("gramsPerM2", gramsPerM2, 0, 2_000);
    if (mixKg != null) {
      findings.above("mixKg", mixKg, 0, Findings.MAX_MASS_KG);
    }
    if (parts != null) {
      findings.list("parts", parts, 50);
    }
    if (materials != null) {
      findings.list("materials", materials, 20);
    }
    if (waitH != null) {
      findings.above("waitH", waitH, 0, MOST_H);
    }
    if (bestH != null) {
      findings.above("bestH", bestH, 0, MOST_H);
    }
    if (station != null) {
      findings.text("station", station, 40);
    }
    findings.orRefuse();
    parts = parts == null ? null : List.copyOf(parts);
    materials = materials == null ? null : List.copyOf(materials);
  }

  /** Returns a step that time does. */
  public static RouteStep waiting(String step, @Nullable Double waitH) {
    return plain(step, 0, waitH);
  }

  /** Returns a step that a person does. */
  public static RouteStep attended(String step, double attendedMin) {
    return plain(step, attendedMin, null);
  }

  private static RouteStep plain(String step, double attendedMin, @Nullable Double waitH) {
    return new RouteStep(
        step, attendedMin, waitH, null, null, 1, 0, null, null, 0, null, null, null);
  }

  /** Returns the same in a station. */
  public RouteStep in(String where) {
    return with(waitH, where, times, gapMin, parts, mixKg);
  }

  /** Returns the same so many times, so many minutes apart. */
  public RouteStep repeated(int often, double minutesApart) {
    return with(waitH, station, often, minutesApart, parts, mixKg);
  }

  /** Returns the same with a wait of its own. */
  public RouteStep waitingFor(double hours) {
    return with(hours, station, times, gapMin, parts, mixKg);
  }

  /** Returns the same, taking parts and so much mix. */
  public RouteStep joining(List<PartWanted> taken, @Nullable Double kg) {
    return with(waitH, station, times, gapMin, taken, kg);
  }

  private RouteStep with(
      @Nullable Double hours,
      @Nullable String where,
      int often,
      double apartMin,
      @Nullable List<PartWanted> taken,
      @Nullable Double kg) {
    return new RouteStep(
        step,
        attendedMin,
        hours,
        bestH,
        where,
        often,
        apartMin,
        wetting,
        faces,
        gramsPerM2,
        taken,
        kg,
        materials);
  }
}
