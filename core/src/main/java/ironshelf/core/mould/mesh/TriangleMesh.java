package ironshelf.core.mould.mesh;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.Arrays;
import java.util.Map;

/**
 * A closed mesh: every edge shared by exactly two triangles that run along it in opposite ways, so
 * that inside and outside are certain and the volume is the sum of signed tetrahedra. Refused
 * otherwise, with the number of edges that are open, shared by more, or turned. A mesh that is
 * whole but inside out is turned. Not promised: that it does not cut through itself.
 *
 * <p>Lengths in mm, its lowest point at z = 0 and the middle of its box over the origin.
 */
public final class TriangleMesh {

  private final double[] xyz;
  private final int[] corners;

  private TriangleMesh(double[] xyz, int[] corners) {
    this.xyz = xyz;
    this.corners = corners;
  }

  /** Proves a mesh closed and stands it on the floor. */
  static TriangleMesh of(float[] coordinates, int[] corners, MeshUnit unit) {
    new Findings().addIf(corners.length == 0, FindingCode.MESH_EMPTY, "file", Map.of()).orRefuse();
    refuseOpen(corners);
    double[] xyz = standing(coordinates, unit.mm());
    TriangleMesh mesh = new TriangleMesh(xyz, corners);
    if (mesh.volumeMm3() < 0) {
      for (int t = 0; t < corners.length; t += 3) {
        int swap = corners[t];
        corners[t] = corners[t + 1];
        corners[t + 1] = swap;
      }
    }
    double[] box = mesh.boxMm();
    new Findings()
        .length("file.x", box[0])
        .length("file.y", box[1])
        .length("file.z", box[2])
        .addIf(!(mesh.volumeMm3() > 0), FindingCode.MESH_EMPTY, "file", Map.of())
        .orRefuse();
    return mesh;
  }

  private static void refuseOpen(int[] corners) {
    long[] edges = new long[corners.length];
    for (int t = 0; t < corners.length; t += 3) {
      for (int k = 0; k < 3; k++) {
        edges[t + k] = edge(corners[t + k], corners[t + (k + 1) % 3]);
      }
    }
    Arrays.sort(edges);
    int open = 0;
    int crowded = 0;
    int turned = 0;
    for (int i = 0; i < edges.length; ) {
      int j = i;
      int forward = 0;
      while (j < edges.length && edges[j] >>> 1 == edges[i] >>> 1) {
        forward += (int) (edges[j] & 1);
        j++;
      }
      int shared = j - i;
      open += shared == 1 ? 1 : 0;
      crowded += shared > 2 ? 1 : 0;
      turned += shared == 2 && forward != 1 ? 1 : 0;
      i = j;
    }
    int edgeCount = corners.length / 2;
    new Findings()
        .addIf(
            open + crowded > 0,
            FindingCode.MESH_OPEN,
            "file",
            Map.of("open", open, "crowded", crowded, "edges", edgeCount))
        .orRefuse();
    new Findings()
        .addIf(
            turned > 0,
            FindingCode.MESH_TURNED,
            "file",
            Map.of("value", turned, "edges", edgeCount))
        .orRefuse();
  }

  /**
   * Returns an edge's two ends, smaller number first, and in the last bit which way it is run
   * along.
   */
  private static long edge(int from, int to) {
    long low = Math.min(from, to);
    long high = Math.max(from, to);
    return low << 33 | high << 1 | (from < to ? 1 : 0);
  }

  private static double[] standing(float[] coordinates, double scale) {
    double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
    double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (int i = 0; i < coordinates.length; i++) {
      low[i % 3] = Math.min(low[i % 3], coordinates[i] * scale);
      high[i % 3] = Math.max(high[i % 3], coordinates[i] * scale);
    }
    double[] origin = {(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, low[2]};
    double[] xyz = new double[coordinates.length];
    for (int i = 0; i < xyz.length; i++) {
      xyz[i] = coordinates[i] * scale - origin[i % 3];
    }
    return xyz;
  }

  public int triangles() {
    return corners.length / 3;
  }

  /** Returns the sum of signed tetrahedra from the origin. */
  public double volumeMm3() {
    double sum = 0;
    for (int t = 0; t < corners.length; t += 3) {
      int a = 3 * corners[t];
      int b = 3 * corners[t + 1];
      int c = 3 * corners[t + 2];
      sum +=
          xyz[a] * (xyz[b + 1] * xyz[c + 2] - xyz[b + 2] * xyz[c + 1])
              - xyz[a + 1] * (xyz[b] * xyz[c + 2] - xyz[b + 2] * xyz[c])
              + xyz[a + 2] * (xyz[b] * xyz[c + 1] - xyz[b + 1] * xyz[c]);
    }
    return sum / 6;
  }

  /** Returns the sum of the triangles. */
  public double areaMm2() {
    double sum = 0;
    for (int t = 0; t < triangles(); t++) {
      sum += TriangleClip.below(this, t, Double.MAX_VALUE, false)[2];
    }
    return sum;
  }

  /** Length, depth and height. */
  public double[] boxMm() {
    double[] high = new double[3];
    for (int i = 0; i < xyz.length; i++) {
      high[i % 3] = Math.max(high[i % 3], xyz[i]);
    }
    // The box's middle is over the origin: twice its half.
    return new double[] {2 * high[0], 2 * high[1], high[2]};
  }

  /** Returns the number of the corner that a triangle names first, second or third. */
  int corner(int triangle, int which) {
    return corners[3 * triangle + which];
  }

  double x(int corner) {
    return xyz[3 * corner];
  }

  double y(int corner) {
    return xyz[3 * corner + 1];
  }

  double z(int corner) {
    return xyz[3 * corner + 2];
  }
}
