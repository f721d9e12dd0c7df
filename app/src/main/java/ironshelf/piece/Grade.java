package ironshelf.piece;

/** How good a piece is. What is scrap is told by its reason. */
public enum Grade {
  FIRST,
  SECOND
}
