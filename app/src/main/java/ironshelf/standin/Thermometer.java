package ironshelf.standin;

/** A thermometer in the wax pot: what a real one would have to give. */
public interface Thermometer {

  /** What it shows, in degrees C. */
  double celsius();
}
