package ironshelf.piece;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A sound piece out of its mould, and the last thing that was done to it.
 *
 * @param lastStepId by which it is told whether something was done since
 * @param readyAt when its route ended; null while it goes on
 */
public record LivePiece(
    long id,
    long castId,
    long pourId,
    long productId,
    long colourwayId,
    long routeId,
    long lastStepId,
    int stepNo,
    int round,
    Instant doneAt,
    @Nullable Instant readyAt,
    @Nullable Grade grade) {}
