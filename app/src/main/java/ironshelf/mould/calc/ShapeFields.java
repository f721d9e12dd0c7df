package ironshelf.mould.calc;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.PlacedCore;
import ironshelf.core.mould.PourPart;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The fields of a mould's shape as a calculation is asked for them, none of them necessary. */
record ShapeFields(
    @Nullable Solid cavity,
    @Nullable Drawn core,
    double coreLiftMm,
    double coreOffsetMm,
    @Nullable List<Solid> inserts,
    @Nullable Integer cavities,
    @Nullable List<PlacedCore> moreCores,
    @Nullable List<PourPart> parts,
    @Nullable Double coreL) {

  MouldShape shape() {
    return new MouldShape(
        cavity,
        core,
        orZero(coreLiftMm),
        orZero(coreOffsetMm),
        inserts,
        cavities == null ? 1 : cavities,
        moreCores,
        parts,
        coreL);
  }

  static double orZero(double value) {
    return Double.isNaN(value) ? 0 : value;
  }
}
