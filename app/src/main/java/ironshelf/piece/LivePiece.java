package ironshelf.piece;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A sound piece, and the last thing that was done to it.
 *
 * @param lastStepId by which it is told whether something was done since; null of one in its mould
 *     to which nothing was done but the pour
 * @param readyAt when its route ended; null while it goes on
 */
public record LivePiece(
    long id,
    long castId,
    long pourId,
    long productId,
    long colourwayId,
    long routeId,
    @Nullable Long lastStepId,
    int stepNo,
    int round,
    Instant doneAt,
    @Nullable Instant readyAt,
    @Nullable Grade grade) {}
