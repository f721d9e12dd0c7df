package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toSet;

import ironshelf.piece.PieceView;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFillView;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What went into a bowl and what came of it, added up as far as costs, use and learning need it.
 *
 * @param rows what its products have of each material
 * @param filled what each casting has of it
 * @param made the pieces of each casting, by the casting
 */
record Bowl(PourTaken taken, List<Row> rows, List<Filled> filled, Map<Long, Made> made) {

  /**
   * What all pieces of a product have of a material.
   *
   * @param cost at the lots' own prices; null where none is known
   */
  record Row(
      long productId,
      long materialId,
      BigDecimal askedKg,
      BigDecimal actualKg,
      @Nullable BigDecimal cost) {

    private Row plus(UseLedger.Entry e) {
      return new Row(
          productId,
          materialId,
          askedKg.add(e.askedKg()),
          actualKg.add(e.actualKg()),
          e.cost() == null ? cost : cost == null ? e.cost() : cost.add(e.cost()));
    }
  }

  /**
   * The pieces of one casting.
   *
   * @param share of all that went into castings, by litres, 0 to 1
   */
  record Filled(PourFillView fill, List<Long> pieceIds, long routeId, double share) {}

  /**
   * @param massKg of all of them; null where one was not weighed
   */
  record Made(int pieces, @Nullable Double massKg) {

    private static Made of(List<PieceView> own) {
      Double massKg = 0.0;
      for (PieceView piece : own) {
        BigDecimal each = piece.massKg();
        massKg = each == null || massKg == null ? null : (Double) (massKg + each.doubleValue());
      }
      return new Made(own.size(), massKg);
    }
  }

  static Bowl of(UseLedger.Used used) {
    Map<List<Long>, Row> rows = new LinkedHashMap<>();
    for (UseLedger.Entry e : used.entries()) {
      long product = e.piece().productId();
      Row none = new Row(product, e.materialId(), BigDecimal.ZERO, BigDecimal.ZERO, null);
      List<Long> key = List.of(product, e.materialId());
      rows.put(key, rows.getOrDefault(key, none).plus(e));
    }
    Map<PourFillView, List<UseLedger.Part>> byFill =
        used.parts().stream()
            .collect(groupingBy(UseLedger.Part::fill, LinkedHashMap::new, toList()));
    List<Filled> filled = new ArrayList<>();
    Map<Long, Made> made = new LinkedHashMap<>();
    byFill.forEach(
        (fill, parts) -> {
          List<PieceView> pieces = parts.stream().map(UseLedger.Part::piece).toList();
          filled.add(
              new Filled(
                  fill,
                  pieces.stream().map(PieceView::id).toList(),
                  pieces.get(0).routeId(),
                  parts.stream().mapToDouble(UseLedger.Part::share).sum()));
          made.put(fill.castId(), Made.of(pieces));
        });
    return new Bowl(used.bowl(), List.copyOf(rows.values()), List.copyOf(filled), Map.copyOf(made));
  }

  /** Bowls of one colour that were mixed in one session, as one. */
  static Bowl together(List<Bowl> bowls) {
    if (bowls.size() == 1) {
      return bowls.get(0);
    }
    Map<Long, Made> made = new LinkedHashMap<>();
    bowls.forEach(b -> made.putAll(b.made));
    return new Bowl(
        PourTaken.together(bowls.stream().map(Bowl::taken).toList()),
        bowls.stream().flatMap(b -> b.rows.stream()).toList(),
        bowls.stream().flatMap(b -> b.filled.stream()).toList(),
        made);
  }

  /** The casts that have something of it. */
  Set<Long> castIds() {
    return taken.fills().stream().map(PourFillView::castId).collect(toSet());
  }
}
