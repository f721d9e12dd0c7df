package ironshelf.order.feed;

/** What became of a message. */
enum FeedOutcome {
  PLACED,
  CHANGED,
  CANCELLED,
  /** It was taken before. */
  REPEATED,
  /** A later state of its order was taken before. */
  OUTDATED,
  REFUSED
}
