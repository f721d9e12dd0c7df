package ironshelf.core.mould;

/** Levels within a solid. */
final class Levels {

  private Levels() {}

  static double clamp(double zMm, double heightMm) {
    return Math.max(0, Math.min(zMm, heightMm));
  }
}
