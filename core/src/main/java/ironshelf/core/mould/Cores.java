package ironshelf.core.mould;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Whether cores fit into a drawn cavity, and what they displace. */
final class Cores {

  private Cores() {}

  static double litres(Drawn cavity, List<PlacedCore> cores) {
    return cores.stream().mapToDouble(c -> c.displacedL(cavity.heightMm())).sum();
  }

  /**
   * Returns what the cores displace, after each was found to stand clear of the cavity and the
   * others.
   */
  static double checkedLitres(
      Drawn cavity,
      @Nullable Drawn core,
      double liftMm,
      double offsetMm,
      List<PlacedCore> moreCores) {
    List<PlacedCore> all = new ArrayList<>();
    List<String> fields = new ArrayList<>();
    if (core != null) {
      all.add(new PlacedCore(core, liftMm, 0, 0));
      fields.add("core");
    }
    for (int i = 0; i < moreCores.size(); i++) {
      all.add(moreCores.get(i));
      fields.add("moreCores." + i + ".solid");
    }
    Findings findings = new Findings();
    for (int i = 0; i < all.size(); i++) {
      boolean centred = i == 0 && core != null;
      refuseLoose(findings, cavity, all.get(i), fields.get(i), centred ? offsetMm : 0, centred);
    }
    findings.orRefuse();
    refuseTouching(cavity, all, fields);
    return litres(cavity, all);
  }

  private static void refuseLoose(
      Findings findings,
      Drawn cavity,
      PlacedCore core,
      String field,
      double offsetMm,
      boolean centred) {
    if (core.liftMm() >= cavity.heightMm()) {
      findings.addIf(
          true,
          FindingCode.CORE_ABOVE_RIM,
          centred ? "coreLiftMm" : field.replace("solid", "liftMm"),
          Map.of("value", core.liftMm(), "height", cavity.heightMm()));
      return;
    }
    Wall wall = Wall.between(cavity, core);
    // An inlay may run from wall to wall; a core in the middle may not touch.
    if (centred ? !(wall.gapMm() > 0) : wall.gapMm() < -Wall.TOUCH_MM) {
      double at = wall.atMm() - core.liftMm();
      findings.addIf(
          true,
          FindingCode.CORE_TOO_WIDE,
          field + "." + core.solid().widthFieldAt(at),
          Map.of(
              "value",
              width(core.solid().crossSectionAt(at)),
              "cavity",
              width(cavity.crossSectionAt(wall.atMm())),
              "at",
              wall.atMm()));
      return;
    }
    findings.addIf(
        centred && !(offsetMm < wall.gapMm()),
        FindingCode.CORE_TOUCHES,
        "coreOffsetMm",
        Map.of("value", offsetMm, "wall", wall.gapMm()));
  }

  private static void refuseTouching(Drawn cavity, List<PlacedCore> all, List<String> fields) {
    Findings findings = new Findings();
    for (int i = 0; i < all.size(); i++) {
      for (int j = 0; j < i; j++) {
        PlacedCore a = all.get(i);
        PlacedCore b = all.get(j);
        double from = Math.max(a.liftMm(), b.liftMm());
        double to =
            Math.min(
                a.liftMm() + a.depthMm(cavity.heightMm()),
                b.liftMm() + b.depthMm(cavity.heightMm()));
        // Where each is widest against the other is at one of the ends, or near it.
        for (double z : from < to ? new double[] {from, (from + to) / 2, to} : new double[0]) {
          boolean touch = a.crossSectionAt(z).polygon().intersects(b.crossSectionAt(z).polygon());
          findings.addIf(
              touch, FindingCode.CORES_TOUCH, fields.get(i), Map.of("value", z, "other", j + 1));
        }
      }
    }
    findings.orRefuse();
  }

  /** Returns the narrower way across, which is what a core jams by. */
  private static double width(CrossSection section) {
    var box = section.polygon().getEnvelopeInternal();
    return section instanceof CrossSection.Round round
        ? 2 * round.radiusMm()
        : Math.min(box.getWidth(), box.getHeight());
  }
}
