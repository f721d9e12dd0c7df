package ironshelf.bench;

import ironshelf.core.mould.mesh.MeshReport;
import ironshelf.core.mould.mesh.MeshUnit;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * An STL read, proved closed, measured and cut into levels; 350 MB of heap for a million triangles.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(value = 1, jvmArgs = "-Xmx350m")
public class MeshBench {

  @Param({"10000", "100000", "1000000"})
  public int triangles;

  private byte[] file;

  @Setup
  public void setUp() {
    int turns = (int) Math.round(Math.sqrt(triangles));
    int rings = triangles / turns / 2;
    ByteBuffer out =
        ByteBuffer.allocate(84 + 50 * (2 * turns * (rings - 1))).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(80, 2 * turns * (rings - 1)).position(84);
    for (int i = 0; i < rings; i++) {
      for (int k = 0; k < turns; k++) {
        if (i > 0) {
          facet(out, turns, rings, i, k, i, k + 1, i + 1, k + 1);
        }
        if (i < rings - 1) {
          facet(out, turns, rings, i, k, i + 1, k + 1, i + 1, k);
        }
      }
    }
    file = out.array();
  }

  private static void facet(ByteBuffer out, int turns, int rings, int... at) {
    out.putFloat(0).putFloat(0).putFloat(0);
    for (int i = 0; i < 6; i += 2) {
      double down = Math.PI * at[i] / rings;
      double round = 2 * Math.PI * (at[i + 1] % turns) / turns;
      double r = at[i] == 0 || at[i] == rings ? 0 : 150 * Math.sin(down);
      out.putFloat((float) (r * Math.cos(round)))
          .putFloat((float) (r * Math.sin(round)))
          .putFloat((float) (-150 * Math.cos(down)));
    }
    out.putShort((short) 0);
  }

  @Benchmark
  public MeshReport mesh() {
    return MeshReport.of(file, MeshUnit.MM);
  }
}
