package ironshelf.core.pour.script;

import ironshelf.core.material.Role;
import ironshelf.core.pour.PourSum;
import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.Tolerance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Makes the batches of a sheet out of what is to be weighed: the lines in the order of the school,
 * water in two parts of which the second goes in by and by, colour after it where the school adds
 * colour last, fibre once it is mixed.
 */
public final class SheetMaker {

  private SheetMaker() {}

  /**
   * A layer as it is mixed.
   *
   * @param materials the key of each line's material, in the order of the sum's lines
   */
  public record LayerMaterials(Addition addition, List<String> materials) {
    public LayerMaterials {
      new Findings().present("addition", addition).list("materials", materials, 100).orRefuse();
      materials = List.copyOf(materials);
    }
  }

  /**
   * @param sum of the whole pour
   * @param layers in the order of the sum's
   * @param order of filling, the copies' keys
   */
  public static List<PourSheet.PlannedBatch> batches(
      PourSum sum, List<LayerMaterials> layers, List<String> order) {
    List<PourSheet.PlannedBatch> batches = new ArrayList<>();
    for (int b = 0; b < sum.batches().size(); b++) {
      PourSum.PourBatch batch = sum.batches().get(b);
      String key = "b" + (b + 1);
      batches.add(
          new PourSheet.PlannedBatch(
              key,
              IntStream.range(0, layers.size())
                  .mapToObj(i -> mix(key + "/" + i, batch, sum.layers().get(i), layers.get(i), i))
                  .toList(),
              portions(batch, order)));
    }
    return batches;
  }

  private static List<PourSheet.PlannedPortion> portions(
      PourSum.PourBatch batch, List<String> order) {
    Map<String, Double> litres =
        batch.parts().stream()
            .collect(
                Collectors.toMap(PourSum.BatchPart::copy, PourSum.BatchPart::litres, Double::sum));
    return order.stream()
        .filter(litres::containsKey)
        .map(copy -> new PourSheet.PlannedPortion(copy, litres.get(copy)))
        .toList();
  }

  private static PourSheet.PlannedMix mix(
      String key, PourSum.PourBatch batch, BatchResult whole, LayerMaterials layer, int index) {
    List<BatchResult.Line> lines = batch.layers().get(index);
    // Air and measured yield belong to the whole; each line brings its share of them.
    double swell =
        whole.yieldL() / whole.lines().stream().mapToDouble(BatchResult.Line::absoluteL).sum();
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      parts.addAll(split(lines.get(i), layer.materials().get(i), whole.water(), layer, swell));
    }
    parts.sort(
        Comparator.comparing(Part::afterWetting)
            .thenComparing(p -> p.afterWetting() && p.role() != Role.WATER)
            .thenComparing(Part::role, layer.addition().order()));
    List<PourSheet.PlannedLine> all = new ArrayList<>();
    for (Part p : parts) {
      all.add(
          new PourSheet.PlannedLine(
              key + "/" + all.size(),
              p.material(),
              p.role(),
              p.kg(),
              Tolerance.kg(p.role(), p.wholeKg()),
              p.litresPerKg(),
              p.afterWetting(),
              p.mostKg()));
    }
    return new PourSheet.PlannedMix(key, all);
  }

  private record Part(
      String material,
      Role role,
      double kg,
      double wholeKg,
      double litresPerKg,
      boolean afterWetting,
      @Nullable Double mostKg) {}

  private static List<Part> split(
      BatchResult.Line line,
      String material,
      BatchResult.@Nullable Water water,
      LayerMaterials layer,
      double swell) {
    double kg = line.massKg();
    double litresPerKg = kg > 0 ? line.absoluteL() * swell / kg : 0;
    boolean held = water != null && line.role() == Role.WATER && water.leastKg() < water.targetKg();
    if (held) {
      double least = water.leastKg() / water.targetKg();
      double most = water.mostKg() / water.targetKg();
      return List.of(
          new Part(material, line.role(), kg * least, kg, litresPerKg, false, null),
          new Part(
              material, line.role(), kg * (1 - least), kg, litresPerKg, true, kg * (most - least)));
    }
    boolean after =
        line.role() == Role.FIBRE
            || (line.role() == Role.PIGMENT && layer.addition() == Addition.COLOUR_LAST);
    return List.of(new Part(material, line.role(), kg, kg, litresPerKg, after, null));
  }
}
