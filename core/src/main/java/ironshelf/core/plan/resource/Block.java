package ironshelf.core.plan.resource;

/**
 * Work without a break: one person for all of it, and helpers for a part of it.
 *
 * @param minutes of the person who does all of it
 * @param helpers from {@code helpFrom} minutes after the beginning on, for {@code helpMin}
 */
public record Block(int minutes, int helpers, int helpFrom, int helpMin) {

  /** Returns the minutes of all people together. */
  public int attendedMin() {
    return minutes + helpers * helpMin;
  }

  /** Returns the block with additional minutes of the one person at its beginning. */
  public Block after(int setupMin) {
    return setupMin == 0
        ? this
        : new Block(minutes + setupMin, helpers, helpFrom + setupMin, helpMin);
  }
}
