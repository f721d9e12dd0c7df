package ironshelf.cure;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a place has had.
 *
 * @param celsius now, as read, or as usual at this hour where the probe is silent
 * @param readAt when the probe last said something; null where it never did
 * @param silent whether the probe says nothing, so that the usual day counts
 * @param usualC hour by hour of the day
 * @param said in the last two days
 */
public record TemperatureView(
    String place,
    String name,
    double celsius,
    @Nullable Instant readAt,
    boolean silent,
    List<Double> usualC,
    List<ProbeReading> said) {}
