package ironshelf.pour.sheet;

import ironshelf.core.material.Role;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.Tolerance;
import ironshelf.material.MaterialView;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Makes sheet lines of a batch's lines.
 *
 * @param materials in the order of the batch's lines
 * @param stock what the lots of each hold, by its id
 * @param order in which roles go in
 */
record SheetLines(
    List<MaterialView> materials,
    Map<Long, BigDecimal> stock,
    double scoopL,
    Comparator<Role> order) {

  private static final Set<Role> BY_SPOON = Set.of(Role.PIGMENT, Role.ADMIXTURE);

  List<SheetView.SheetLine> of(List<BatchResult.Line> lines) {
    return IntStream.range(0, lines.size())
        .mapToObj(i -> line(materials.get(i), lines.get(i)))
        .sorted(Comparator.comparing(SheetView.SheetLine::role, order))
        .toList();
  }

  private SheetView.SheetLine line(MaterialView material, BatchResult.Line line) {
    boolean water = line.role() == Role.WATER;
    return new SheetView.SheetLine(
        material.id(),
        line.name(),
        line.role(),
        line.massKg(),
        Tolerance.kg(line.role(), line.massKg()),
        water || BY_SPOON.contains(line.role()) ? null : scoops(line.scoopL()),
        material.spoonG() == null ? null : line.massKg() * 1000 / material.spoonG(),
        line.bags(),
        material.liquid() && BY_SPOON.contains(line.role()),
        water ? null : stock.getOrDefault(material.id(), BigDecimal.ZERO));
  }

  private @Nullable Double scoops(@Nullable Double litres) {
    return litres == null ? null : litres / scoopL;
  }
}
