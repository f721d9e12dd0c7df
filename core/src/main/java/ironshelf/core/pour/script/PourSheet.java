package ironshelf.core.pour.script;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.Placement;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is meant to be poured. It is kept as it was shown; what happens later never changes it.
 *
 * <p>Refused: what is out of range, and a key that stands twice or is used but not there.
 *
 * @param checks keys of what is looked at before anything is weighed, in order; up to 20
 * @param workingMinutes from wetting until the mix stiffens, over 0 and up to 1 440
 * @param wastePercent mixed on top for what stays in the bowl, 0 to 100
 * @param layers mixed beside each other, 1 to 6; their shares add up to 1
 * @param copies of moulds, in the order of filling, 1 to 500
 * @param batches in the order of mixing, 1 to 500
 */
public record PourSheet(
    @Nullable Placement placement,
    List<String> checks,
    double workingMinutes,
    double wastePercent,
    List<PlannedLayer> layers,
    List<PlannedCopy> copies,
    List<PlannedBatch> batches) {

  private static final double SHARE_TOLERANCE = 1e-6;
  private static final int MOST_CHECKS = 20;

  /**
   * One colour or one side of the pieces.
   *
   * @param share of what each copy takes in this pour, over 0 and up to 1
   */
  public record PlannedLayer(String name, double share) {
    public PlannedLayer {
      new Findings().text("name", name, 80).above("share", share, 0, 1).orRefuse();
    }
  }

  /**
   * A copy of a mould.
   *
   * @param litres that it takes when it is full, all layers of this pour, over 0 and up to 5 000
   * @param cavities pieces that come of it, 1 to 1 000
   */
  public record PlannedCopy(String key, double litres, int cavities) {
    public PlannedCopy {
      new Findings()
          .text("key", key, 40)
          .above("litres", litres, 0, 5_000)
          .within("cavities", cavities, 1, 1_000)
          .orRefuse();
    }
  }

  /**
   * What is mixed at once: a mix for each layer.
   *
   * @param portions what it is meant to fill; part of a copy where that is larger than the mixer
   */
  public record PlannedBatch(String key, List<PlannedMix> mixes, List<PlannedPortion> portions) {
    public PlannedBatch {
      new Findings()
          .text("key", key, 40)
          .list("mixes", mixes, 6)
          .present("portions", portions)
          .orRefuse();
      mixes = List.copyOf(mixes);
      portions = List.copyOf(portions);
    }
  }

  /** How much of a batch is meant for a copy, in litres over 0, all layers together. */
  public record PlannedPortion(String copy, double litres) {
    public PlannedPortion {
      new Findings().text("copy", copy, 40).above("litres", litres, 0, 5_000).orRefuse();
    }
  }

  /**
   * One bowl.
   *
   * @param lines what goes in, in that order, 1 to 100
   */
  public record PlannedMix(String key, List<PlannedLine> lines) {
    public PlannedMix {
      new Findings().text("key", key, 40).list("lines", lines, 100).orRefuse();
      lines = List.copyOf(lines);
    }
  }

  /**
   * One weighing.
   *
   * @param material its key; the same material may stand in two lines, water above all
   * @param askedKg 0 to 5 000
   * @param toleranceKg how far the scale may be off, 0 to 5 000
   * @param litresPerKg what it adds to the finished mix, air and measured yield included, 0 to 1
   *     000
   * @param afterWetting whether it goes in once powder and water have met
   * @param mostKg more than this should never go in; null where nothing is said
   */
  public record PlannedLine(
      String key,
      String material,
      @Nullable Role role,
      double askedKg,
      double toleranceKg,
      double litresPerKg,
      boolean afterWetting,
      @Nullable Double mostKg) {
    public PlannedLine {
      new Findings()
          .text("key", key, 80)
          .text("material", material, 80)
          .present("role", role)
          .within("askedKg", askedKg, 0, Findings.MAX_MASS_KG)
          .within("toleranceKg", toleranceKg, 0, Findings.MAX_MASS_KG)
          .within("litresPerKg", litresPerKg, 0, 1_000)
          .orRefuse();
    }
  }

  public PourSheet {
    checks = checks == null ? List.of() : List.copyOf(checks);
    Findings findings =
        new Findings()
            .present("placement", placement)
            .above("workingMinutes", workingMinutes, 0, 1_440)
            .within("wastePercent", wastePercent, 0, 100)
            .within("checks", checks.size(), 0, MOST_CHECKS)
            .list("layers", layers, 6)
            .list("copies", copies, 500)
            .list("batches", batches, 500);
    findings.orRefuse();
    layers = List.copyOf(layers);
    copies = List.copyOf(copies);
    batches = List.copyOf(batches);
    double shares = layers.stream().mapToDouble(PlannedLayer::share).sum();
    findings.within("layers.share", shares, 1 - SHARE_TOLERANCE, 1 + SHARE_TOLERANCE);
    unique(findings, "copies.key", copies.stream().map(PlannedCopy::key));
    unique(findings, "batches.key", batches.stream().map(PlannedBatch::key));
    unique(findings, "mixes.key", mixesOf(batches).map(PlannedMix::key));
    unique(
        findings,
        "lines.key",
        mixesOf(batches).flatMap(m -> m.lines().stream()).map(PlannedLine::key));
    Set<String> known = new HashSet<>();
    copies.forEach(c -> known.add(c.key()));
    for (int i = 0; i < batches.size(); i++) {
      PlannedBatch batch = batches.get(i);
      findings.within(
          "batches." + i + ".mixes.size", batch.mixes().size(), layers.size(), layers.size());
      for (PlannedPortion portion : batch.portions()) {
        findings.addIf(
            !known.contains(portion.copy()),
            FindingCode.POUR_NAME_UNKNOWN,
            "batches." + i + ".portions",
            Map.of("kind", "copy", "name", portion.copy()));
      }
    }
    findings.orRefuse();
  }

  private static Stream<PlannedMix> mixesOf(List<PlannedBatch> batches) {
    return batches.stream().flatMap(b -> b.mixes().stream());
  }

  private static void unique(Findings findings, String field, Stream<String> keys) {
    Set<String> seen = new HashSet<>();
    keys.filter(key -> !seen.add(key))
        .forEach(
            key -> findings.addIf(true, FindingCode.POUR_NAME_TAKEN, field, Map.of("name", key)));
  }
}
