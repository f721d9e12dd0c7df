package ironshelf.station;

import org.jspecify.annotations.Nullable;

/**
 * A station as others see it.
 *
 * @param code by which routes name it
 * @param pieces that it holds; null where that does not bind
 * @param litres likewise
 * @param warm whether castings in their moulds can be brought to it
 */
public record StationView(
    long id,
    long version,
    String code,
    String name,
    @Nullable Integer pieces,
    @Nullable Double litres,
    boolean warm) {}
