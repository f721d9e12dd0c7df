package ironshelf.standin;

/** A shop elsewhere that sends orders: what a real one would have to do. */
public interface ShopFeed {

  /** What has come since it was asked last, as a document of messages (docs/formats.md). */
  String fetch();
}
