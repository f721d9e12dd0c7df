package ironshelf.core.mould.mesh;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.mould.solid.MeshSolid;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * Cuts a closed mesh into levels. Volume below a level by Gauss's theorem, {@code V(c) = sum of
 * (mean z - c) times the signed plan area} of what lies below it; exact for the mesh. The rings
 * keep within 0.1 mm, or a two-thousandth of the mesh's size, of their cut.
 */
public final class MeshSlicer {

  private static final int LEVELS = 64;

  /** The lowest and highest cuts lie so much inside, for a cut along a face is none. */
  private static final double INSET = 1e-5;

  private final TriangleMesh mesh;
  private final double heightMm;

  private MeshSlicer(TriangleMesh mesh) {
    this.mesh = mesh;
    this.heightMm = mesh.boxMm()[2];
  }

  public static MeshSolid solid(TriangleMesh mesh) {
    MeshSlicer slicer = new MeshSlicer(mesh);
    List<MeshSolid.Layer> layers = new ArrayList<>();
    List<Map<Long, Cut>> cuts = slicer.cuts();
    Below below = slicer.below();
    for (int k = 0; k <= LEVELS; k++) {
      double volume = k == LEVELS ? mesh.volumeMm3() : below.volumeMm3(k, slicer.level(k));
      double before = layers.isEmpty() ? 0 : layers.get(k - 1).volumeBelowL();
      layers.add(
          new MeshSolid.Layer(
              slicer.heightMm * k / LEVELS,
              k == 0 ? 0 : Math.max(before, volume / 1e6),
              k == 0 ? 0 : below.sideMm2[k] / 1e6,
              slicer.rings(cuts.get(k))));
    }
    return new MeshSolid(layers, slicer.draftDeg());
  }

  private double level(int k) {
    return heightMm * Math.max(INSET, Math.min(1 - INSET, (double) k / LEVELS));
  }

  /** Levels from the first at or above {@code z}. */
  private int firstAbove(double z) {
    int k = (int) Math.max(0, Math.floor(z / heightMm * LEVELS) - 1);
    while (k <= LEVELS && level(k) < z) {
      k++;
    }
    return k;
  }

  /** Where the surface crosses a level, and the edge by which it goes on. */
  private record Cut(Coordinate at, long next) {}

  private List<Map<Long, Cut>> cuts() {
    List<Map<Long, Cut>> cuts = new ArrayList<>();
    for (int k = 0; k <= LEVELS; k++) {
      cuts.add(new HashMap<>());
    }
    for (int t = 0; t < mesh.triangles(); t++) {
      double low = Math.min(z(t, 0), Math.min(z(t, 1), z(t, 2)));
      double high = Math.max(z(t, 0), Math.max(z(t, 1), z(t, 2)));
      for (int k = firstAbove(low); k <= LEVELS && level(k) < high; k++) {
        cut(t, level(k), cuts.get(k));
      }
    }
    return cuts;
  }

  /** A triangle crosses a level by one edge upwards and by another downwards. */
  private void cut(int t, double level, Map<Long, Cut> into) {
    long up = 0;
    long down = 0;
    Coordinate at = null;
    for (int k = 0; k < 3; k++) {
      int a = mesh.corner(t, k);
      int b = mesh.corner(t, (k + 1) % 3);
      boolean aAbove = mesh.z(a) > level;
      boolean bAbove = mesh.z(b) > level;
      if (aAbove == bAbove) {
        continue;
      }
      long key = (long) Math.min(a, b) << 32 | Math.max(a, b);
      if (bAbove) {
        up = key;
        double share = (level - mesh.z(a)) / (mesh.z(b) - mesh.z(a));
        at =
            new Coordinate(
                mesh.x(a) + (mesh.x(b) - mesh.x(a)) * share,
                mesh.y(a) + (mesh.y(b) - mesh.y(a)) * share);
      } else {
        down = key;
      }
    }
    if (at != null) {
      into.put(up, new Cut(at, down));
    }
  }

  private List<List<PlanPoint>> rings(Map<Long, Cut> cuts) {
    double tolerance = Math.max(Planes.FLATNESS_MM, heightMm / 2000);
    List<List<PlanPoint>> rings = new ArrayList<>();
    while (!cuts.isEmpty()) {
      List<Coordinate> ring = new ArrayList<>();
      long key = cuts.keySet().iterator().next();
      Cut cut = cuts.remove(key);
      while (cut != null) {
        ring.add(cut.at);
        cut = cuts.remove(cut.next);
      }
      if (ring.size() < 3) {
        continue;
      }
      Coordinate[] kept =
          TopologyPreservingSimplifier.simplify(Planes.polygon(ring), tolerance).getCoordinates();
      List<PlanPoint> points = new ArrayList<>();
      for (int i = 0; i < kept.length - 1; i++) {
        points.add(PlanPoint.of(kept[i].x, kept[i].y));
      }
      if (points.size() >= 3) {
        rings.add(points);
      }
    }
    return rings;
  }

  /** Sums over what lies below each level. */
  private static final class Below {
    private final double[] areaTimesZ = new double[LEVELS + 2];
    private final double[] area = new double[LEVELS + 2];
    private final double[] sideMm2 = new double[LEVELS + 2];

    void add(int k, double[] sums) {
      area[k] += sums[0];
      areaTimesZ[k] += sums[1];
      sideMm2[k] += sums[2];
    }

    double volumeMm3(int k, double level) {
      return areaTimesZ[k] - level * area[k];
    }
  }

  private Below below() {
    Below below = new Below();
    Below whole = new Below();
    for (int t = 0; t < mesh.triangles(); t++) {
      double low = Math.min(z(t, 0), Math.min(z(t, 1), z(t, 2)));
      double high = Math.max(z(t, 0), Math.max(z(t, 1), z(t, 2)));
      boolean end = low == high && (low <= 0 || high >= heightMm);
      int k = firstAbove(low);
      for (; k <= LEVELS && level(k) < high; k++) {
        below.add(k, TriangleClip.below(mesh, t, level(k), end));
      }
      whole.add(k, TriangleClip.below(mesh, t, Double.MAX_VALUE, end));
    }
    // What lies wholly below one level lies below all higher ones.
    double[] run = new double[3];
    for (int k = 0; k <= LEVELS; k++) {
      run[0] += whole.area[k];
      run[1] += whole.areaTimesZ[k];
      run[2] += whole.sideMm2[k];
      below.add(k, run);
    }
    // The topmost level stands for the rim itself, not for the cut just under it.
    below.sideMm2[LEVELS] = run[2] + whole.sideMm2[LEVELS + 1];
    return below;
  }

  private double z(int t, int which) {
    return mesh.z(mesh.corner(t, which));
  }

  /** Returns the least lean of a face that is neither floor nor opening. */
  private double draftDeg() {
    double least = 90;
    for (int t = 0; t < mesh.triangles(); t++) {
      double down = -TriangleClip.uprightShareOfNormal(mesh, t);
      boolean atTop =
          z(t, 0) >= heightMm * (1 - INSET)
              && z(t, 1) >= heightMm * (1 - INSET)
              && z(t, 2) >= heightMm * (1 - INSET);
      if (!atTop && !Double.isNaN(down)) {
        least = Math.min(least, Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, down)))));
      }
    }
    return least;
  }
}
