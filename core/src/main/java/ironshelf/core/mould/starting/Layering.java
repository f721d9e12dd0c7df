package ironshelf.core.mould.starting;

/** How a starting shape is usually filled. */
public enum Layering {
  /** In one. */
  WHOLE,
  /** A plain face, then a back with the fibre. */
  FACE_AND_BACK,
  /** The mould twice, the second head on the first one's handle days after. */
  TWO_HEADS
}
