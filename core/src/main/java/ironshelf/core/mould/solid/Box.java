package ironshelf.core.mould;

import ironshelf.core.quantity.Findings;
import java.util.List;

/** An upright box. {@code V = l w h}. Its profile is the cut along its length. */
public record Box(double lengthMm, double widthMm, double heightMm) implements Solid {

  public Box {
    new Findings()
        .length("lengthMm", lengthMm)
        .length("widthMm", widthMm)
        .length("heightMm", heightMm)
        .orRefuse();
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return lengthMm * widthMm * Levels.clamp(zMm, heightMm);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return new CrossSection.Rectangle(lengthMm, widthMm);
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return 2 * (lengthMm + widthMm) * Levels.clamp(zMm, heightMm);
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> profile() {
    return List.of(new ProfilePoint(lengthMm / 2, 0), new ProfilePoint(lengthMm / 2, heightMm));
  }
}
