package ironshelf.mould;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.WallKind;
import java.util.List;

/** A mould as others see it, with its copies. */
public record MouldView(
    long id,
    String name,
    String family,
    String kind,
    WallKind wallKind,
    MouldShape shape,
    Section section,
    double coreMassKg,
    double leastWallMm,
    int expectedCasts,
    List<String> preparation,
    List<CopyView> copies) {}
