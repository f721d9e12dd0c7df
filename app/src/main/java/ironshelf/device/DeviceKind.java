package ironshelf.device;

/** What a paired device is for. */
public enum DeviceKind {
  /** Shared at the bench; makers tap their name and their PIN. */
  TABLET,
  /** Shows the shelf, signed in as the door. */
  SCREEN
}
