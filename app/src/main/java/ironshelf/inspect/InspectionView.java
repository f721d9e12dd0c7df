package ironshelf.inspect;

import ironshelf.core.piece.cause.FactName;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A look at a piece as others see it. */
public record InspectionView(
    long id,
    long pieceId,
    @Nullable Long actId,
    Instant inspectedAt,
    boolean scrapped,
    List<SeenDefect> defects,
    Map<FactName, Double> told,
    @Nullable String note,
    @Nullable Instant mendedAt,
    @Nullable String who) {}
