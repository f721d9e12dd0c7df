package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * A shape scanned or modelled elsewhere, as the levels that were cut through its mesh. Volumes are
 * the mesh's own at each level and follow the cut areas between (a cubic with the areas as its
 * slopes: exact where the area is quadratic in height, as in a cone or a sphere). A cut between two
 * levels is taken as that of the nearer one.
 *
 * @param layers 3 to 300, from the floor (0) up
 * @param draftDeg the least lean of a side face, as in {@link Drawn#draftDeg}
 */
public record MeshSolid(List<Layer> layers, double draftDeg) implements Drawn {

  private static final int MOST_LAYERS = 300;
  private static final int MOST_RING_POINTS = 5_000;

  /**
   * One level.
   *
   * @param rings closed outlines in mm; one within another is a hole
   */
  public record Layer(
      double zMm, double volumeBelowL, double sideBelowM2, List<List<PlanPoint>> rings) {
    public Layer {
      Findings findings =
          new Findings()
              .within("zMm", zMm, 0, Findings.MAX_LENGTH_MM)
              .within("volumeBelowL", volumeBelowL, 0, 1e6)
              .within("sideBelowM2", sideBelowM2, 0, 1e6)
              .list("rings", rings, 200);
      findings.orRefuse();
      for (int i = 0; i < rings.size(); i++) {
        findings.list("rings." + i, rings.get(i), MOST_RING_POINTS);
        findings.addIf(
            rings.get(i).size() < 3,
            FindingCode.OUTLINE_EMPTY,
            "rings." + i,
            Map.of("value", rings.get(i).size()));
      }
      findings.orRefuse();
      rings = rings.stream().map(List::copyOf).toList();
    }

    Geometry figure() {
      Geometry figure = Planes.polygon(PlanPoint.flatten(rings.get(0))).buffer(0);
      for (List<PlanPoint> ring : rings.subList(1, rings.size())) {
        figure = figure.symDifference(Planes.polygon(PlanPoint.flatten(ring)).buffer(0));
      }
      return figure;
    }
  }

  public MeshSolid {
    Findings findings =
        new Findings().list("layers", layers, MOST_LAYERS).within("draftDeg", draftDeg, -90, 90);
    findings.orRefuse();
    findings.addIf(
        layers.size() < 3, FindingCode.LIST_EMPTY, "layers", Map.of("value", layers.size()));
    for (int i = 1; i < layers.size(); i++) {
      Layer below = layers.get(i - 1);
      Layer here = layers.get(i);
      findings.addIf(
          !(here.zMm > below.zMm && here.volumeBelowL >= below.volumeBelowL),
          FindingCode.POINTS_NOT_RISING,
          "layers." + i,
          Map.of("value", here.zMm, "before", below.zMm));
    }
    findings.orRefuse();
    layers = List.copyOf(layers);
  }

  @Override
  public double heightMm() {
    return layers.get(layers.size() - 1).zMm;
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    double z = level(zMm);
    int i = above(z);
    Layer a = layers.get(i - 1);
    Layer b = layers.get(i);
    double h = b.zMm - a.zMm;
    double t = (z - a.zMm) / h;
    double va = a.volumeBelowL * MM3_PER_LITRE;
    double vb = b.volumeBelowL * MM3_PER_LITRE;
    // Hermite's cubic through both volumes with both areas as slopes.
    double value =
        va * (1 + 2 * t) * (1 - t) * (1 - t)
            + h * a.figure().getArea() * t * (1 - t) * (1 - t)
            + vb * t * t * (3 - 2 * t)
            - h * b.figure().getArea() * t * t * (1 - t);
    return Math.max(va, Math.min(vb, value));
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    int i = above(zMm);
    Layer a = layers.get(i - 1);
    Layer b = layers.get(i);
    return new CrossSection.Planar((zMm - a.zMm < b.zMm - zMm ? a : b).figure());
  }

  @Override
  public double sideBelowMm2(double zMm) {
    double z = level(zMm);
    int i = above(z);
    Layer a = layers.get(i - 1);
    Layer b = layers.get(i);
    double share = (z - a.zMm) / (b.zMm - a.zMm);
    return (a.sideBelowM2 + (b.sideBelowM2 - a.sideBelowM2) * share) * 1e6;
  }

  @Override
  public List<ProfilePoint> halfSection() {
    return layers.stream()
        .map(
            layer -> {
              var box = layer.figure().getEnvelopeInternal();
              return new ProfilePoint(Math.max(-box.getMinX(), box.getMaxX()), layer.zMm);
            })
        .toList();
  }

  /** Half-way between two levels the cut steps from one to the next. */
  @Override
  public List<Double> bendsMm() {
    return Stream.concat(
            Stream.of(0.0, heightMm()),
            IntStream.range(1, layers.size())
                .mapToObj(i -> (layers.get(i - 1).zMm + layers.get(i).zMm) / 2))
        .sorted()
        .toList();
  }

  @Override
  public String widthFieldAt(double zMm) {
    return "layers";
  }

  /** Returns the first layer above a level; the last one for the rim. */
  private int above(double z) {
    int i = 1;
    while (i < layers.size() - 1 && layers.get(i).zMm <= z) {
      i++;
    }
    return i;
  }
}
