package ironshelf.standin;

import org.jspecify.annotations.Nullable;

/** A bench scale: what a real one, or a bridge to its serial line, would have to give. */
public interface Scale {

  /**
   * What the scale shows.
   *
   * @param kg net; null where it shows none
   * @param steady whether it has settled
   * @param state in which it is
   */
  record ScaleReading(@Nullable Double kg, boolean steady, ScaleState state) {

    /** The plain line of it: {@code 0.187 kg steady}, {@code - kg overload}. */
    public String line() {
      String mass = kg == null ? "-" : String.format(java.util.Locale.ROOT, "%.3f", kg);
      return mass
          + " kg "
          + (state == ScaleState.WEIGHING
              ? steady ? "steady" : "moving"
              : state.name().toLowerCase(java.util.Locale.ROOT));
    }
  }

  /** States of a scale. */
  enum ScaleState {
    WEIGHING,
    OVERLOAD,
    UNPLUGGED
  }

  ScaleReading read();

  /** Makes what stands on it now count as nothing. */
  void tare();
}
