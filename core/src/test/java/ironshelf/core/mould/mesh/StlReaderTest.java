package ironshelf.core.mould.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StlReaderTest {

  private static final long SEED = 4_711;

  @Test
  void textAndBinarySayTheSame() {
    Stl cube = Stl.cube(100);
    for (byte[] file : List.of(cube.binary(), bytes(cube.text()))) {
      TriangleMesh mesh = StlReader.read(file, MeshUnit.MM);
      assertThat(mesh.triangles()).isEqualTo(12);
      assertThat(mesh.volumeMm3()).isCloseTo(1e6, within(1e-6));
      assertThat(mesh.boxMm()).containsExactly(100, 100, 100);
    }
  }

  @Test
  void anInchIsAnInch() {
    assertThat(StlReader.read(Stl.cube(1).binary(), MeshUnit.INCH).volumeMm3())
        .isCloseTo(25.4 * 25.4 * 25.4, within(1e-6));
  }

  @Test
  void whatIsInsideOutIsTurned() {
    assertThat(StlReader.read(Stl.cube(100).turned(0, 12).binary(), MeshUnit.MM).volumeMm3())
        .isCloseTo(1e6, within(1e-6));
  }

  @Test
  void openEdgesAreCounted() {
    Finding open = refusal(Stl.cube(100).without(3).binary());
    assertThat(open.code()).isEqualTo(FindingCode.MESH_OPEN);
    assertThat(open.params()).containsEntry("open", 3);
    Finding turned = refusal(Stl.cube(100).turned(3, 4).binary());
    assertThat(turned.code()).isEqualTo(FindingCode.MESH_TURNED);
    assertThat(turned.params()).containsEntry("value", 3);
  }

  @Test
  void packedFilesAreNotUnpacked() {
    assertThat(refusal(bytes("PK\u0003\u0004 and more")).code()).isEqualTo(FindingCode.MESH_PACKED);
    assertThat(refusal(new byte[] {0x1f, (byte) 0x8b, 8, 0}).code())
        .isEqualTo(FindingCode.MESH_PACKED);
  }

  /** 200 files with something wrong, each refused with a reason, never an exception of its own. */
  @Test
  void malformedFilesAreRefusedCleanly() {
    Random random = new Random(SEED);
    Map<FindingCode, Integer> reasons = new EnumMap<>(FindingCode.class);
    for (int i = 0; i < 200; i++) {
      byte[] file = malformed(random, i % 8);
      reasons.merge(refusal(file).code(), 1, Integer::sum);
    }
    assertThat(reasons.keySet())
        .as("seed %s", SEED)
        .contains(
            FindingCode.MESH_LENGTH,
            FindingCode.MESH_NOT_NUMBER,
            FindingCode.MESH_TEXT,
            FindingCode.MESH_OPEN);
  }

  private static byte[] malformed(Random random, int how) {
    Stl stl = Stl.revolved(5 + random.nextInt(20), 0, 0, 50, 0, 60, 80, 0, 80);
    byte[] binary = stl.binary();
    // Its header must not claim to be text here, or it would be read as such once its length lies.
    binary[0] = 'x';
    String text = stl.text();
    int cut = 1 + random.nextInt(text.length() - 20);
    return switch (how) {
      case 0 -> Arrays.copyOf(binary, 1 + random.nextInt(binary.length - 1));
      case 1 -> with(binary, 84 + 50 * random.nextInt(stl.size()) + 12, Float.NaN);
      case 2 -> counted(binary, random.nextInt());
      case 3 -> bytes(text.substring(0, cut));
      case 4 -> bytes(text.replaceFirst("vertex \\S+", "vertex " + random.nextInt(9) + "q"));
      case 5 -> bytes("solid " + "facet normal a b c outer loop ".repeat(1 + random.nextInt(5)));
      case 6 -> stl.without(random.nextInt(stl.size())).binary();
      default -> {
        byte[] noise = new byte[random.nextInt(2_000)];
        random.nextBytes(noise);
        yield noise;
      }
    };
  }

  private static byte[] with(byte[] file, int at, float value) {
    ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN).putFloat(at, value);
    return file;
  }

  private static byte[] counted(byte[] file, int count) {
    ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN).putInt(80, count);
    return file;
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.ISO_8859_1);
  }

  private static Finding refusal(byte[] file) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> StlReader.read(file, MeshUnit.MM));
    assertThat(refused).as("a file of %s bytes", file.length).isNotNull();
    return refused.findings().get(0);
  }
}
