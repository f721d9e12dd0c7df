package ironshelf.core.material;

/** What a material does: in the mix, on the mould, or on and around the finished piece. */
public enum Role {
  BINDER(true),
  AGGREGATE(true),
  FILLER(true),
  PIGMENT(true),
  ADMIXTURE(true),
  FIBRE(true),
  WATER(true),
  RELEASE_AGENT(false),
  SEALER(false),
  WAX(false),
  FRAGRANCE(false),
  /** Handles, wicks, anchors, fittings: what stays in or on the piece. */
  INSERT(false),
  PACKING(false);

  private final boolean inMix;

  Role(boolean inMix) {
    this.inMix = inMix;
  }

  /** Tests whether a recipe may take it. */
  public boolean isInMix() {
    return inMix;
  }
}
