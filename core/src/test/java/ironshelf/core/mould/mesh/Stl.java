package ironshelf.core.mould.mesh;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Makes STL files for tests: closed meshes of solids of revolution, of any fineness. */
final class Stl {

  private final List<float[]> triangles = new ArrayList<>();

  /** A half profile {@code r, z, r, z...} from the axis to the axis, turned in n steps. */
  static Stl revolved(int n, double... rz) {
    Stl stl = new Stl();
    int rings = rz.length / 2;
    for (int i = 0; i + 1 < rings; i++) {
      for (int k = 0; k < n; k++) {
        float[] a = at(rz, i, k, n);
        float[] b = at(rz, i, k + 1, n);
        float[] c = at(rz, i + 1, k + 1, n);
        float[] d = at(rz, i + 1, k, n);
        if (rz[2 * i] > 0) {
          stl.add(a, b, c);
        }
        if (rz[2 * i + 2] > 0) {
          stl.add(a, c, d);
        }
      }
    }
    return stl;
  }

  static Stl cube(double side) {
    double h = side / 2;
    return box(h, h, side);
  }

  static Stl box(double halfX, double halfY, double height) {
    Stl stl = new Stl();
    float[][] p = new float[8][];
    for (int i = 0; i < 8; i++) {
      p[i] =
          new float[] {
            (float) ((i & 1) == 0 ? -halfX : halfX),
            (float) ((i & 2) == 0 ? -halfY : halfY),
            (float) ((i & 4) == 0 ? 0 : height)
          };
    }
    int[][] quads = {
      {0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}
    };
    for (int[] q : quads) {
      stl.add(p[q[0]], p[q[1]], p[q[2]]);
      stl.add(p[q[0]], p[q[2]], p[q[3]]);
    }
    return stl;
  }

  private static float[] at(double[] rz, int ring, int step, int n) {
    double a = 2 * Math.PI * (step % n) / n;
    double r = rz[2 * ring];
    return new float[] {
      (float) (r * Math.cos(a)), (float) (r * Math.sin(a)), (float) rz[2 * ring + 1]
    };
  }

  private void add(float[] a, float[] b, float[] c) {
    triangles.add(new float[] {a[0], a[1], a[2], b[0], b[1], b[2], c[0], c[1], c[2]});
  }

  Stl without(int triangle) {
    Stl other = new Stl();
    other.triangles.addAll(triangles);
    other.triangles.remove(triangle);
    return other;
  }

  /** With one triangle, or all, turned round. */
  Stl turned(int from, int to) {
    Stl other = new Stl();
    for (int i = 0; i < triangles.size(); i++) {
      float[] t = triangles.get(i);
      other.triangles.add(
          i < from || i >= to
              ? t
              : new float[] {t[3], t[4], t[5], t[0], t[1], t[2], t[6], t[7], t[8]});
    }
    return other;
  }

  /** The same elsewhere. */
  Stl moved(double x, double y, double z) {
    Stl other = new Stl();
    for (float[] t : triangles) {
      float[] there = t.clone();
      for (int k = 0; k < 9; k += 3) {
        there[k] += (float) x;
        there[k + 1] += (float) y;
        there[k + 2] += (float) z;
      }
      other.triangles.add(there);
    }
    return other;
  }

  int size() {
    return triangles.size();
  }

  byte[] binary() {
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * triangles.size()).order(ByteOrder.LITTLE_ENDIAN);
    out.put("solid by a liar".getBytes(StandardCharsets.ISO_8859_1));
    out.position(80);
    out.putInt(triangles.size());
    for (float[] t : triangles) {
      out.putFloat(0).putFloat(0).putFloat(0);
      for (float v : t) {
        out.putFloat(v);
      }
      out.putShort((short) 0);
    }
    return out.array();
  }

  String text() {
    StringBuilder out = new StringBuilder("solid test\n");
    for (float[] t : triangles) {
      out.append("facet normal 0 0 0\n outer loop\n");
      for (int k = 0; k < 9; k += 3) {
        out.append(
            String.format(Locale.ROOT, "  vertex %.9g %.9g %.9g%n", t[k], t[k + 1], t[k + 2]));
      }
      out.append(" endloop\nendfacet\n");
    }
    return out.append("endsolid test\n").toString();
  }
}
