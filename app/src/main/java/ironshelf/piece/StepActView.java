package ironshelf.piece;

import ironshelf.core.cure.Touch;
import ironshelf.core.route.StepKind;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An act on pieces as others see it.
 *
 * @param step null where they were scrapped
 */
public record StepActView(
    long id,
    @Nullable StepKind step,
    int stepNo,
    int round,
    Instant doneAt,
    @Nullable String earlyReason,
    @Nullable String note,
    @Nullable Touch touch,
    List<Long> pieceIds) {}
