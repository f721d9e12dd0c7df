package ironshelf.core.mould;

/** How a mould's wall lets a casting go. */
public enum WallKind {
  /** Peels off: soft silicone, cloth. */
  SOFT,
  /** Soft, held straight by a stiff jacket. */
  JACKETED,
  /** One stiff piece: the casting must slide out. */
  RIGID,
  /** Stiff, opened along a seam or taken apart. */
  SPLIT,
  /** A frame without a floor of its own: it is lifted off the casting. */
  LIFT_OFF
}
