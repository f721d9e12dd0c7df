package ironshelf.mould;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.WallKind;
import java.util.List;

/** A mould to be kept. */
public record NewMould(
    String name,
    String family,
    String kind,
    WallKind wallKind,
    MouldShape shape,
    double coreMassKg,
    double leastWallMm,
    int expectedCasts,
    List<String> preparation) {}
