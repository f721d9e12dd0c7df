package ironshelf.core.mould.mesh;

/** What a mesh file's numbers are in; the file does not say. */
public enum MeshUnit {
  MM(1),
  INCH(25.4);

  private final double mm;

  MeshUnit(double mm) {
    this.mm = mm;
  }

  double mm() {
    return mm;
  }
}
