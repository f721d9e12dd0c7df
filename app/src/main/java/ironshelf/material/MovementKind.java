package ironshelf.material;

/** Why a lot's quantity changed. */
public enum MovementKind {
  RECEIVED,
  USED
}
