package ironshelf.piece;

import ironshelf.core.cure.Touch;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An act on pieces as others see it.
 *
 * @param step code of its kind; null where they were scrapped
 * @param stepNo where the route of the first of them has it
 * @param earlyReason why, where its gate had not come or where it was left out
 * @param freed whether it took them out of their moulds
 * @param leftOut whether it was not done, and they go on without it
 * @param who did it; null where it was done at the shop's own machine
 */
public record StepActView(
    long id,
    @Nullable String step,
    int stepNo,
    int round,
    Instant doneAt,
    @Nullable String earlyReason,
    @Nullable String note,
    boolean freed,
    boolean leftOut,
    @Nullable Touch touch,
    List<Long> pieceIds,
    @Nullable String who) {}
