package ironshelf.core.route;

/** Which faces are sealed. */
public enum SealedFaces {
  INSIDE,
  ALL_OVER
}
