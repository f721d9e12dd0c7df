package ironshelf.core.recipe;

/** How a mix gets into its mould, and so what is done to it there when the mould is full. */
public enum Placement {
  /** It flows: tapped or vibrated until the bubbles stop. */
  POURED,
  /** It is trowelled in and struck off level with the rim. */
  TROWELLED,
  /** It holds its shape: rammed in layers. */
  PRESSED,
  /** Damp and firm: smoothed, then lettered. */
  STAMPED,
  /** Cloth is soaked in it and hung over a former. */
  DRAPED
}
