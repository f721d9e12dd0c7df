package ironshelf.mould;

import ironshelf.access.Money;
import ironshelf.copy.CopyView;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.WallKind;
import ironshelf.core.mould.wear.CastsExpected;
import ironshelf.core.mould.wear.Face;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A mould as others see it, with its copies.
 *
 * @param kindName what it is made of, in words
 * @param capacityL of one cast
 * @param expected casts of a copy until it is worn
 * @param wearPerCast in the shop's money; null where the price is not known
 */
public record MouldView(
    long id,
    long version,
    String name,
    Family family,
    String kind,
    String kindName,
    WallKind wallKind,
    MouldShape shape,
    Section section,
    double coreMassKg,
    double leastWallMm,
    double capacityL,
    CastsExpected expected,
    @Money @Nullable BigDecimal price,
    @Money @Nullable BigDecimal wearPerCast,
    List<String> preparation,
    List<Face> faces,
    List<CopyView> copies) {

  private static final int MONEY_SCALE = 4;

  /** Wear of one of the pieces of a casting; null where the price is not known. */
  public @Nullable BigDecimal wearPerPiece() {
    return wearPerCast == null
        ? null
        : wearPerCast.divide(
            BigDecimal.valueOf(shape.cavities()), MONEY_SCALE, RoundingMode.HALF_UP);
  }

  /** What of it is kept and can be changed. */
  public NewMould kept() {
    return new NewMould(
        name, family, kind, wallKind, shape, coreMassKg, leastWallMm, preparation, faces, price);
  }
}
