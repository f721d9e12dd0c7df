package ironshelf.style;

/** The unit that the bench scale shows. */
public enum ScaleUnit {
  G,
  OZ,
  LB
}
