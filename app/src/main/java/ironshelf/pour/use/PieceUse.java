package ironshelf.pour.use;

import ironshelf.access.Money;
import ironshelf.core.piece.PieceCost;
import ironshelf.piece.PieceView;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What one piece has in it and what it cost.
 *
 * @param rows its share of what really went in, pour by pour and material by material
 * @param stepRows what steps took for it after it was poured
 * @param wasteKg its part of what was left in the bowls; null where that was not weighed
 * @param cost of its own body and work
 * @param total of that and of its parts
 * @param firstDay what its first day after the last pour was too cold or too warm for, in words;
 *     nothing while it lasts
 */
public record PieceUse(
    PieceView piece,
    String product,
    String colourway,
    String swatch,
    List<PieceRow> rows,
    List<StepRow> stepRows,
    @Nullable BigDecimal wasteKg,
    @Money PieceCost cost,
    List<PartUse> parts,
    @Money BigDecimal total,
    @Money BigDecimal price,
    List<String> firstDay) {

  /** A piece that was joined into it, with what that cost, its own parts included. */
  public record PartUse(
      long pieceId, String product, String colourway, long pourId, @Money BigDecimal total) {}

  /** One material that a step took. */
  public record StepRow(String material, BigDecimal massKg, @Money @Nullable BigDecimal cost) {}

  /** One material of one pour. */
  public record PieceRow(
      long pourId,
      String colourway,
      String material,
      BigDecimal askedKg,
      BigDecimal actualKg,
      double driftPercent,
      @Money @Nullable BigDecimal cost) {}
}
