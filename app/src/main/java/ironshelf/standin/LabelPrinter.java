package ironshelf.standin;

import java.time.Instant;

/** A label printer: what a real one would have to do. */
public interface LabelPrinter {

  /** A label that was printed. */
  record Printed(String name, Instant at, String where) {}

  /**
   * Prints one label.
   *
   * @param png 480 x 200 dots, black on white
   */
  Printed print(String name, byte[] png);
}
