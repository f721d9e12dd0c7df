package ironshelf.core.mould;

/** A level cut through a solid, centred on its axis. Lengths in mm. */
public sealed interface CrossSection {

  double areaMm2();

  double perimeterMm();

  /**
   * The narrowest level gap between this cut and an inner one on the same axis, in mm; negative
   * where the inner one reaches through.
   */
  double gapTo(CrossSection inner);

  record Circle(double radiusMm) implements CrossSection {
    @Override
    public double areaMm2() {
      return Math.PI * radiusMm * radiusMm;
    }

    @Override
    public double perimeterMm() {
      return 2 * Math.PI * radiusMm;
    }

    @Override
    public double gapTo(CrossSection inner) {
      if (inner instanceof Circle circle) {
        return radiusMm - circle.radiusMm;
      }
      Rectangle rectangle = (Rectangle) inner;
      // The corner comes nearest to a round wall.
      return radiusMm - Math.hypot(rectangle.lengthMm, rectangle.widthMm) / 2;
    }
  }

  record Rectangle(double lengthMm, double widthMm) implements CrossSection {
    @Override
    public double areaMm2() {
      return lengthMm * widthMm;
    }

    @Override
    public double perimeterMm() {
      return 2 * (lengthMm + widthMm);
    }

    @Override
    public double gapTo(CrossSection inner) {
      if (inner instanceof Circle circle) {
        return Math.min(lengthMm, widthMm) / 2 - circle.radiusMm;
      }
      Rectangle rectangle = (Rectangle) inner;
      return Math.min(lengthMm - rectangle.lengthMm, widthMm - rectangle.widthMm) / 2;
    }
  }
}
