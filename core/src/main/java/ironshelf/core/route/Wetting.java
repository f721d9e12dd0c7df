package ironshelf.core.route;

/** How a piece is kept wet while it cures: schools differ (docs/method/routes.md). */
public enum Wetting {
  UNDER_WATER,
  WRAPPED,
  MISTED
}
