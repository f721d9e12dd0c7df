package ironshelf.material;

/** Why a lot's quantity changed. */
public enum MovementKind {
  RECEIVED,
  USED,
  /** Spilt, set, thrown away. */
  WASTED,
  /** A count found more or less than the books said. */
  COUNTED,
  /** A pour was booked that was never made. */
  GIVEN_BACK
}
