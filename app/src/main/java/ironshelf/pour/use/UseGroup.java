package ironshelf.pour.use;

import ironshelf.material.MaterialView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What one product, month, pour or piece took of each material. */
final class UseGroup {

  private static final class Sum {
    private BigDecimal asked = BigDecimal.ZERO;
    private BigDecimal took = BigDecimal.ZERO;
    private @Nullable BigDecimal cost;
  }

  private final Set<Long> pieces = new HashSet<>();
  private final Map<Long, Sum> sums = new LinkedHashMap<>();

  void add(Bowl bowl) {
    bowl.filled().forEach(this::add);
    bowl.rows().forEach(this::add);
  }

  void add(Bowl.Filled filled) {
    pieces.addAll(filled.pieceIds());
  }

  void add(Bowl.Row row) {
    Sum sum = sums.computeIfAbsent(row.materialId(), m -> new Sum());
    sum.asked = sum.asked.add(row.askedKg());
    sum.took = sum.took.add(row.actualKg());
    if (row.cost() != null) {
      // Of what a price is known of.
      sum.cost = sum.cost == null ? row.cost() : sum.cost.add(row.cost());
    }
  }

  List<UseView.UseRow> rows(String name, Map<Long, MaterialView> materials) {
    Long onlyPiece = pieces.size() == 1 ? pieces.iterator().next() : null;
    List<UseView.UseRow> rows = new ArrayList<>();
    sums.forEach(
        (materialId, sum) ->
            rows.add(
                new UseView.UseRow(
                    name,
                    onlyPiece,
                    materials.get(materialId).name(),
                    pieces.size(),
                    sum.asked,
                    sum.took,
                    UseService.drift(sum.asked, sum.took),
                    sum.took.divide(
                        BigDecimal.valueOf(Math.max(1, pieces.size())),
                        UseLedger.SCALE,
                        RoundingMode.HALF_UP),
                    sum.cost)));
    return rows;
  }
}
