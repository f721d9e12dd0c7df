package ironshelf.core.mould.mesh;

import java.util.Arrays;

/**
 * Corners by number, equal ones once: an open-addressing table, because a million triangles name
 * three million corners and boxed keys would take twenty times the memory.
 */
final class Vertices {

  private float[] xyz = new float[3 * 1024];
  private int[] table = new int[4096];
  private int count;

  Vertices() {
    Arrays.fill(table, -1);
  }

  int count() {
    return count;
  }

  /** Returns the number of a corner, a new one if it has not been seen. */
  int number(float x, float y, float z) {
    // Adding 0 makes -0 equal to 0.
    float px = x + 0f;
    float py = y + 0f;
    float pz = z + 0f;
    int at = slot(table, px, py, pz);
    while (table[at] >= 0) {
      int i = 3 * table[at];
      if (xyz[i] == px && xyz[i + 1] == py && xyz[i + 2] == pz) {
        return table[at];
      }
      at = (at + 1) & (table.length - 1);
    }
    if (3 * count + 3 > xyz.length) {
      xyz = Arrays.copyOf(xyz, xyz.length + (xyz.length >> 1) + 3);
    }
    xyz[3 * count] = px;
    xyz[3 * count + 1] = py;
    xyz[3 * count + 2] = pz;
    table[at] = count++;
    if (2 * count > table.length) {
      grow();
    }
    return count - 1;
  }

  /** All coordinates, three a corner. */
  float[] coordinates() {
    return Arrays.copyOf(xyz, 3 * count);
  }

  private void grow() {
    int[] larger = new int[table.length * 2];
    Arrays.fill(larger, -1);
    for (int v = 0; v < count; v++) {
      int at = slot(larger, xyz[3 * v], xyz[3 * v + 1], xyz[3 * v + 2]);
      while (larger[at] >= 0) {
        at = (at + 1) & (larger.length - 1);
      }
      larger[at] = v;
    }
    table = larger;
  }

  private static int slot(int[] table, float x, float y, float z) {
    int h = Float.floatToIntBits(x) * 0x9E3779B1;
    h = (h ^ Float.floatToIntBits(y)) * 0x85EBCA6B;
    h = (h ^ Float.floatToIntBits(z)) * 0xC2B2AE35;
    return (h ^ (h >>> 15)) & (table.length - 1);
  }
}
