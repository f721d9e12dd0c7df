package ironshelf.core.route;

/** How a piece is kept wet while it cures: schools differ (handbook 1, where makers disagree). */
public enum Wetting {
  UNDER_WATER,
  WRAPPED,
  MISTED
}
