package ironshelf.shelf;

import ironshelf.core.mould.Section;
import ironshelf.pour.WaitingLayer;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Everything between pour and ready, board by board. */
public record ShelfView(
    Instant now, int copies, int copiesHeld, double roomC, List<ShelfGroup> groups) {

  /**
   * Pieces that stand together: of one pour, or dry ones of one product and colourway.
   *
   * @param key stays the same while the group does
   * @param gateAt when it may move on; in the past when it is due; null on the last board
   * @param greenUntil until when it stays easy; null where it does not matter
   * @param next the layer that it waits for; null where it waits for none
   * @param casts in their moulds: what is to be emptied
   */
  public record ShelfGroup(
      String key,
      Board board,
      long productId,
      String product,
      String colourway,
      String swatch,
      long mouldId,
      Section section,
      @Nullable Long pourId,
      int pieces,
      Instant since,
      @Nullable Instant gateAt,
      @Nullable Instant greenUntil,
      @Nullable WaitingLayer next,
      List<ShelfCast> casts) {}

  /** A cast to be emptied, and how many pieces it makes. */
  public record ShelfCast(long id, long version, long copyId, String copy, int pieces) {}
}
