package ironshelf.order.allotment;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A piece that is tied to a line, or could be.
 *
 * @param pourId by which its shade is told
 * @param demouldedAt null while it is in its mould
 * @param readyAt null while it is on its way
 * @param sent whether it has gone
 */
public record AllotmentView(
    long pieceId,
    long pourId,
    @Nullable Instant demouldedAt,
    @Nullable Instant readyAt,
    @Nullable BigDecimal massKg,
    boolean sent) {}
