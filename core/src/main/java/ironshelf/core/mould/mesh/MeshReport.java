package ironshelf.core.mould.mesh;

import ironshelf.core.mould.solid.MeshSolid;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * An STL file measured: its own volume and area, its box, and the solid made of its levels.
 *
 * @param warnings where the unit looks wrong; the file does not say it
 */
public record MeshReport(
    int triangles,
    double volumeL,
    double areaM2,
    double lengthMm,
    double depthMm,
    double heightMm,
    MeshSolid solid,
    List<Finding> warnings) {

  /** Smaller than any casting: probably inches read as millimetres (common practice). */
  private static final double SUSPICIOUSLY_SMALL_MM = 15;

  /** Larger than any workshop lifts: probably millimetres read as inches (common practice). */
  private static final double SUSPICIOUSLY_LARGE_MM = 3_000;

  /** Reads and measures; refuses what {@link StlReader} refuses. */
  public static MeshReport of(byte[] file, MeshUnit unit) {
    TriangleMesh mesh = StlReader.read(file, unit);
    double[] box = mesh.boxMm();
    double largest = Math.max(box[0], Math.max(box[1], box[2]));
    List<Finding> warnings = new ArrayList<>();
    if (unit == MeshUnit.MM && largest < SUSPICIOUSLY_SMALL_MM) {
      warnings.add(Finding.of(FindingCode.MESH_MAYBE_INCH, Map.of("value", largest)));
    }
    if (unit == MeshUnit.INCH && largest > SUSPICIOUSLY_LARGE_MM) {
      warnings.add(Finding.of(FindingCode.MESH_MAYBE_MM, Map.of("value", largest)));
    }
    return new MeshReport(
        mesh.triangles(),
        mesh.volumeMm3() / 1e6,
        mesh.areaMm2() / 1e6,
        box[0],
        box[1],
        box[2],
        MeshSlicer.solid(mesh),
        List.copyOf(warnings));
  }
}
