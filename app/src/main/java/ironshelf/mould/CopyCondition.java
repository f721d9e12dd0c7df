package ironshelf.mould;

/** What state a copy is in; only a good one is filled. */
public enum CopyCondition {
  GOOD,
  MEND,
  RETIRED
}
