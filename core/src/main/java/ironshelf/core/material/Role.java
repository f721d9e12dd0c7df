package ironshelf.core.material;

/** What a material does in a mix. */
public enum Role {
  BINDER,
  AGGREGATE,
  FILLER,
  PIGMENT,
  ADMIXTURE,
  FIBRE,
  WATER
}
