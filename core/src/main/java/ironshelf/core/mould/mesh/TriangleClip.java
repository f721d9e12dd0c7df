package ironshelf.core.mould.mesh;

/** What of a triangle lies below a level. */
final class TriangleClip {

  private TriangleClip() {}

  /**
   * Signed plan area, the same times its mean height, and the true area, in mm2 and mm3.
   *
   * @param end whether the triangle is floor or opening and counts nothing for the side
   */
  static double[] below(TriangleMesh mesh, int t, double level, boolean end) {
    double[] p = new double[12];
    int n = 0;
    for (int k = 0; k < 3; k++) {
      int a = mesh.corner(t, k);
      int b = mesh.corner(t, (k + 1) % 3);
      boolean aBelow = mesh.z(a) <= level;
      if (aBelow) {
        n = put(p, n, mesh.x(a), mesh.y(a), mesh.z(a));
      }
      if (aBelow != mesh.z(b) <= level) {
        double s = (level - mesh.z(a)) / (mesh.z(b) - mesh.z(a));
        n =
            put(
                p,
                n,
                mesh.x(a) + (mesh.x(b) - mesh.x(a)) * s,
                mesh.y(a) + (mesh.y(b) - mesh.y(a)) * s,
                level);
      }
    }
    double[] sums = new double[3];
    for (int i = 2; i < n; i++) {
      double[] normal = normal(p, 3 * (i - 1), 3 * i);
      double plan = normal[2] / 2;
      sums[0] += plan;
      sums[1] += plan * (p[2] + p[3 * i - 1] + p[3 * i + 2]) / 3;
      sums[2] += end ? 0 : length(normal) / 2;
    }
    return sums;
  }

  /** Returns the upright part of the unit normal, outwards; NaN for a triangle without area. */
  static double uprightShareOfNormal(TriangleMesh mesh, int t) {
    double[] p = new double[9];
    for (int k = 0; k < 3; k++) {
      int c = mesh.corner(t, k);
      put(p, k, mesh.x(c), mesh.y(c), mesh.z(c));
    }
    double[] normal = normal(p, 3, 6);
    return normal[2] / length(normal);
  }

  private static int put(double[] p, int n, double x, double y, double z) {
    p[3 * n] = x;
    p[3 * n + 1] = y;
    p[3 * n + 2] = z;
    return n + 1;
  }

  /** Twice the area vector of the triangle of the first point and two others. */
  private static double[] normal(double[] p, int b, int c) {
    double ux = p[b] - p[0];
    double uy = p[b + 1] - p[1];
    double uz = p[b + 2] - p[2];
    double vx = p[c] - p[0];
    double vy = p[c + 1] - p[1];
    double vz = p[c + 2] - p[2];
    return new double[] {uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx};
  }

  private static double length(double[] v) {
    return Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
  }
}
