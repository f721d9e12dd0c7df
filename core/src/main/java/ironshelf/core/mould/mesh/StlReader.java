package ironshelf.core.mould.mesh;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;

/**
 * Reads STL, binary and text, strictly. Binary is known by its length, which its count must explain
 * to the byte, so that a binary file whose header starts with "solid" is still read as one.
 * Triangles that name a corner twice are left out: they bound nothing.
 *
 * <p>Refused: a count that the length does not bear out, text that breaks off or says something
 * else, a coordinate that is no finite number, packed files, more than {@link #MOST_TRIANGLES}; and
 * what {@link TriangleMesh} refuses. Memory: about 60 bytes a triangle beyond the file.
 */
public final class StlReader {

  /** More than any mould needs, and what a small machine works through in seconds. */
  public static final int MOST_TRIANGLES = 2_000_000;

  static final int HEADER = 84;
  static final int FACET = 50;

  private final Vertices vertices = new Vertices();
  private int[] corners = new int[3 * 1024];
  private int used;

  private StlReader() {}

  public static TriangleMesh read(byte[] file, MeshUnit unit) {
    new Findings().present("unit", unit).orRefuse();
    StlReader reader = new StlReader();
    if (startsWith(file, "PK")
        || (file.length > 1 && file[0] == 0x1f && (file[1] & 0xff) == 0x8b)) {
      throw refused(FindingCode.MESH_PACKED, Map.of());
    }
    long count = file.length >= HEADER ? little(file).getInt(80) & 0xffff_ffffL : -1;
    if (count >= 0 && file.length == HEADER + FACET * count) {
      reader.binary(little(file), count);
    } else if (startsWith(file, "solid")) {
      reader.text(new String(file, StandardCharsets.ISO_8859_1));
    } else {
      throw refused(
          FindingCode.MESH_LENGTH,
          Map.of("value", file.length, "count", count, "wanted", HEADER + FACET * count));
    }
    return TriangleMesh.of(
        reader.vertices.coordinates(), Arrays.copyOf(reader.corners, reader.used), unit);
  }

  private static ByteBuffer little(byte[] file) {
    return ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
  }

  private static boolean startsWith(byte[] file, String start) {
    return file.length >= start.length()
        && new String(file, 0, start.length(), StandardCharsets.ISO_8859_1).equals(start);
  }

  private void binary(ByteBuffer in, long count) {
    refuseTooMany(count);
    corners = new int[(int) (3 * count)];
    for (int t = 0; t < count; t++) {
      int at = HEADER + FACET * t + 12;
      int[] numbers = new int[3];
      for (int k = 0; k < 3; k++) {
        numbers[k] =
            vertex(
                t,
                in.getFloat(at + 12 * k),
                in.getFloat(at + 12 * k + 4),
                in.getFloat(at + 12 * k + 8));
      }
      triangle(numbers[0], numbers[1], numbers[2]);
    }
  }

  private void text(String text) {
    int line = text.indexOf('\n');
    StlWords words = new StlWords(text, line < 0 ? text.length() : line + 1);
    int facets = 0;
    String word = words.next();
    while (word.equals("facet")) {
      refuseTooMany(facets + 1L);
      words.expect(facets, "normal");
      // The normal is not used: the order of the corners says the same, and more reliably.
      words.skip(3);
      words.expect(facets, "outer");
      words.expect(facets, "loop");
      int[] numbers = new int[3];
      for (int k = 0; k < 3; k++) {
        words.expect(facets, "vertex");
        numbers[k] =
            vertex(facets, words.number(facets), words.number(facets), words.number(facets));
      }
      words.expect(facets, "endloop");
      words.expect(facets, "endfacet");
      triangle(numbers[0], numbers[1], numbers[2]);
      facets++;
      word = words.next();
    }
    words.require(facets, word, "endsolid");
  }

  private int vertex(int facet, float x, float y, float z) {
    if (!Float.isFinite(x) || !Float.isFinite(y) || !Float.isFinite(z)) {
      throw refused(
          FindingCode.MESH_NOT_NUMBER, Map.of("value", x + " " + y + " " + z, "facet", facet + 1));
    }
    return vertices.number(x, y, z);
  }

  private void triangle(int a, int b, int c) {
    if (a == b || b == c || c == a) {
      return;
    }
    if (used + 3 > corners.length) {
      corners = Arrays.copyOf(corners, corners.length * 2);
    }
    corners[used++] = a;
    corners[used++] = b;
    corners[used++] = c;
  }

  private static void refuseTooMany(long count) {
    if (count > MOST_TRIANGLES) {
      throw refused(FindingCode.MESH_TOO_MANY, Map.of("value", count, "high", MOST_TRIANGLES));
    }
  }

  static RefusedException refused(FindingCode code, Map<String, Object> params) {
    return new RefusedException(new Finding(code, "file", params));
  }
}
