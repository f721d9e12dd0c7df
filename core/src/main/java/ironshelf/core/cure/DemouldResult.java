package ironshelf.core.cure;

import ironshelf.core.quantity.Finding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When a casting may come out, in hours from now.
 *
 * @param readyInH 0 where the gate has passed; null where it never comes at that temperature
 * @param greenClosesInH 0 where it has closed; null where it has no window or never closes
 * @param equivalentAgeH now
 * @param strengthFraction of 28-day strength, now
 */
public record DemouldResult(
    @Nullable Double readyInH,
    @Nullable Double greenClosesInH,
    double equivalentAgeH,
    double strengthFraction,
    List<Finding> warnings) {}
