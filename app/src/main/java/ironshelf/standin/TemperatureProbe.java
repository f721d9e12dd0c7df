package ironshelf.standin;

import java.time.Instant;
import java.util.OptionalDouble;
import java.util.Set;

/** Temperature probes of the shop: what real ones, or a bridge to them, would have to give. */
public interface TemperatureProbe {

  /** The places that have one. */
  Set<String> places();

  /** What the probe of a place says at a moment, in degrees C; nothing where it fails. */
  OptionalDouble read(String place, Instant at);
}
