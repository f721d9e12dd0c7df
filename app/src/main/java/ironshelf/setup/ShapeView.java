package ironshelf.setup;

import ironshelf.core.mould.Plan;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.starting.Layering;
import ironshelf.core.mould.starting.Measure;
import ironshelf.core.mould.starting.StartingShape;
import ironshelf.core.quantity.Dimension;
import java.util.List;

/**
 * A starting shape with its picture.
 *
 * @param family in lower case, with underscores
 * @param mixes codes of the shipped recipes that suit it, best first
 * @param takesOutline whether any outline may stand in the place of its own
 * @param section with typical measures
 * @param plan the same from above
 */
public record ShapeView(
    String code,
    String name,
    String family,
    String kind,
    List<String> mixes,
    Layering layering,
    List<MeasureView> measures,
    boolean takesOutline,
    Section section,
    Plan plan) {

  /**
   * One measure to be typed.
   *
   * @param typical in the dimension's own unit; 0 where it may be left out
   */
  public record MeasureView(
      String name, String label, Dimension dimension, double typical, Measure.Place place) {}

  static ShapeView of(StartingShape shape) {
    StartingShape.Part first = shape.typical().get(0);
    return new ShapeView(
        shape.code(),
        shape.name(),
        shape.family(),
        shape.kind(),
        shape.mixes(),
        shape.layering(),
        shape.measures().stream()
            .map(m -> new MeasureView(m.name(), m.label(), m.dimension(), m.typical(), m.place()))
            .toList(),
        shape.takesOutline(),
        Section.of(first.shape()),
        Plan.of(first.shape()));
  }
}
