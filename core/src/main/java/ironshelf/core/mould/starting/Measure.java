package ironshelf.core.mould.starting;

import ironshelf.core.quantity.Dimension;
import ironshelf.core.quantity.Findings;
import java.util.List;

/**
 * One measure of a starting shape.
 *
 * @param name unique in its shape, its unit at its end
 * @param label as a maker would say it
 * @param typical in the dimension's own unit; 0 where it may be left out
 * @param place where it stands in the drawing
 * @param fields of the mould's shape that follow from it, so that a refusal can stand at it
 */
public record Measure(
    String name,
    String label,
    Dimension dimension,
    double typical,
    Place place,
    List<String> fields) {

  /** Where a measure stands in the drawing of a section. */
  public enum Place {
    ABOVE,
    INSIDE_TOP,
    INSIDE_BASE,
    RIGHT,
    RIGHT_LOW,
    LEFT,
    LEFT_LOW,
    BELOW
  }

  public Measure {
    new Findings()
        .text("name", name, 40)
        .text("label", label, 60)
        .present("dimension", dimension)
        .within("typical", typical, 0, Findings.MAX_LENGTH_MM)
        .present("place", place)
        .orRefuse();
    fields = List.copyOf(fields);
  }

  static Measure length(String name, String label, double mm, Place place, String... fields) {
    return new Measure(name, label, Dimension.LENGTH, mm, place, List.of(fields));
  }

  /** Returns the same under another label. */
  Measure called(String other) {
    return new Measure(name, other, dimension, typical, place, fields);
  }
}
