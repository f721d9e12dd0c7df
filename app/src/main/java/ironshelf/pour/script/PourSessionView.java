package ironshelf.pour.script;

import ironshelf.pour.Meant;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A pour with what was meant and where it stands. */
public record PourSessionView(
    long id, Instant openedAt, @Nullable Instant closedAt, Meant meant, PourStateView state) {}
