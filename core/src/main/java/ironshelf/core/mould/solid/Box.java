package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.Findings;
import java.util.List;

/** An upright box. {@code V = l w h}. Its profile is the cut along its length. */
public record Box(double lengthMm, double widthMm, double heightMm) implements Drawn {

  public Box {
    new Findings()
        .length("lengthMm", lengthMm)
        .length("widthMm", widthMm)
        .length("heightMm", heightMm)
        .orRefuse();
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return lengthMm * widthMm * level(zMm);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return new CrossSection.Planar(Planes.rectangle(lengthMm, widthMm));
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return 2 * (lengthMm + widthMm) * level(zMm);
  }

  @Override
  public String widthFieldAt(double zMm) {
    return "widthMm";
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> halfSection() {
    return List.of(new ProfilePoint(lengthMm / 2, 0), new ProfilePoint(lengthMm / 2, heightMm));
  }
}
