package ironshelf.core.mould.starting;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.solid.Outline;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * A typical thing, described by a few measures; what a mould of it is made of follows from them.
 *
 * @param code short name in lower case, unique
 * @param family in lower case, with underscores
 * @param kind code of the mould kind that it is usually cast in
 * @param mixes codes of the shipped recipes that suit it, best first
 * @param measures in the order in which they are asked
 */
public record StartingShape(
    String code,
    String name,
    String family,
    String kind,
    List<String> mixes,
    Layering layering,
    List<Measure> measures,
    Maker maker) {

  /**
   * A mould that the shape comes to; most shapes come to one.
   *
   * @param name behind the product's own; empty for the first
   */
  public record Part(String name, MouldShape shape) {}

  /** Measures by their names, in mm, L and kg. */
  public interface Given extends ToDoubleFunction<String> {

    default double get(String name) {
      return applyAsDouble(name);
    }

    /** Returns the dry mix in a litre of the wet one, in kg. */
    default double dryKgPerL() {
      return get(DRY_KG_PER_L);
    }
  }

  /** Makes the moulds of a shape. */
  public interface Maker {
    List<Part> make(Given given);
  }

  private static final String DRY_KG_PER_L = "dryKgPerL";

  public StartingShape {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .text("family", family, 40)
        .text("kind", kind, 40)
        .list("mixes", mixes, 20)
        .present("layering", layering)
        .list("measures", measures, 12)
        .present("maker", maker)
        .orRefuse();
    mixes = List.copyOf(mixes);
    measures = List.copyOf(measures);
  }

  /**
   * Returns the moulds of these measures.
   *
   * @param given by name, what is left out as typical; lengths over 0 and up to 10 000
   * @param dryKgPerL of the mix that it is filled with, for what is measured by its dry mix
   * @throws RefusedException with all that is wrong, each at the measure that it follows from
   */
  public List<Part> parts(Map<String, Double> given, double dryKgPerL) {
    Map<String, Double> values = new LinkedHashMap<>();
    Findings findings = new Findings();
    for (Measure measure : measures) {
      double value = given.getOrDefault(measure.name(), measure.typical());
      if (measure.typical() > 0) {
        findings.above(measure.name(), value, 0, Findings.MAX_LENGTH_MM);
      } else {
        findings.within(measure.name(), value, 0, Findings.MAX_LENGTH_MM);
      }
      values.put(measure.name(), value);
    }
    for (String name : given.keySet()) {
      findings.addIf(
          !values.containsKey(name),
          FindingCode.VALUE_UNREADABLE,
          name,
          Map.of("value", name, "wanted", "one of " + values.keySet()));
    }
    findings.orRefuse();
    values.put(DRY_KG_PER_L, dryKgPerL);
    try {
      return maker.make(values::get);
    } catch (RefusedException e) {
      throw new RefusedException(e.findings().stream().map(this::atItsMeasure).toList());
    }
  }

  /** Tests whether any outline may stand in the place of its own. */
  public boolean takesOutline() {
    return code.equals(StartingShapes.PAVER_CODE);
  }

  /**
   * Returns the mould of an outline as thick as was said.
   *
   * @param points of the outline, in mm
   */
  public List<Part> outlined(List<PlanPoint> points, Map<String, Double> given) {
    double thick = given.getOrDefault("heightMm", 50.0);
    return List.of(new Part("", MouldShape.of(new Outline(points, thick), null, 0)));
  }

  /** Returns the moulds with typical measures, in a mix of 1.8 kg of dry mix a litre. */
  public List<Part> typical() {
    return parts(Map.of(), 1.8);
  }

  /** Makes a core; what is wrong with its measures is said of the core. */
  static <T> T core(Supplier<T> making) {
    try {
      return making.get();
    } catch (RefusedException e) {
      throw new RefusedException(
          e.findings().stream()
              .map(f -> new Finding(f.code(), "core." + f.field(), f.params()))
              .toList());
    }
  }

  private Finding atItsMeasure(Finding finding) {
    String field = finding.field();
    String name =
        measures.stream()
            .filter(m -> m.fields().stream().anyMatch(field::startsWith))
            .map(Measure::name)
            .findFirst()
            .orElse(measures.get(0).name());
    return new Finding(finding.code(), name, finding.params());
  }
}
