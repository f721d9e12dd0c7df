package ironshelf.copy;

/** What state a copy is in; only a good one is filled. */
public enum CopyCondition {
  GOOD,
  /** To be mended before it is filled again. */
  MEND,
  /** At the end of its life; counts for how long its kind lasts. */
  WORN,
  /** Given up for another reason: lost, sold, design no longer made. */
  RETIRED;

  public boolean isInUse() {
    return this == GOOD || this == MEND;
  }
}
