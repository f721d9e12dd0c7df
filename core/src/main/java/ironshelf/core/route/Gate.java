package ironshelf.core.route;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The next thing to be done with a piece, and when.
 *
 * @param stepNo of the route's steps, from 0
 * @param round which time of it, from 1
 * @param earliest before which it must not start
 * @param bestUntil after which it is late; null where it does not matter
 */
public record Gate(
    int stepNo, int round, StepKind kind, Instant earliest, @Nullable Instant bestUntil) {}
