package ironshelf.material;

import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A movement as others see it. */
public record MovementView(
    long lotId,
    MovementKind kind,
    BigDecimal massKg,
    Instant at,
    @Nullable Long pourId,
    @Nullable String reason,
    @Nullable String who) {}
