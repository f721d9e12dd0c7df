package ironshelf.core.plan.resource;

/**
 * One stretch of work that is not cut: one person for all of it, and helpers for a part of it.
 *
 * @param minutes of the one person
 * @param helpers besides, from {@code helpFrom} minutes after its beginning for {@code helpMin}
 */
public record Block(int minutes, int helpers, int helpFrom, int helpMin) {

  /** Minutes of all of them together. */
  public int attendedMin() {
    return minutes + helpers * helpMin;
  }

  /** The same after so many minutes more of the one person. */
  public Block after(int setupMin) {
    return setupMin == 0
        ? this
        : new Block(minutes + setupMin, helpers, helpFrom + setupMin, helpMin);
  }
}
