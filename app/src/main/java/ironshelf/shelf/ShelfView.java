package ironshelf.shelf;

import ironshelf.core.mould.Section;
import ironshelf.core.route.Board;
import ironshelf.core.route.Effect;
import ironshelf.core.route.StepKind;
import ironshelf.http.problem.FindingView;
import ironshelf.pour.WaitingLayer;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything between pour and ready, board by board.
 *
 * @param shapes how the pieces of each mould are drawn
 * @param toWash copies that stand dirty, the longest first
 */
public record ShelfView(
    Instant now,
    int copies,
    int copiesHeld,
    double roomC,
    List<StationUse> stations,
    List<ShelfShape> shapes,
    List<ShelfGroup> groups,
    List<ToWash> toWash) {

  /**
   * A copy that stands dirty.
   *
   * @param since when it was emptied
   * @param minutes of a person's time to wash it
   */
  public record ToWash(
      long copyId, String copy, long mouldId, String mould, Instant since, double minutes) {}

  /** A mould's section, by which its pieces are drawn. */
  public record ShelfShape(long mouldId, Section section) {}

  /**
   * What a station holds now.
   *
   * @param ofPieces null where that does not bind
   * @param ofLitres likewise
   */
  public record StationUse(
      String code,
      String name,
      int pieces,
      @Nullable Integer ofPieces,
      double litres,
      @Nullable Double ofLitres) {}

  /**
   * Pieces that stand together: of one pour at one step, or ready ones of one product and
   * colourway.
   *
   * @param key stays the same while the group does
   * @param station where it takes up room; null where it takes up none
   * @param place where it stands in its mould; null once it is out
   * @param routeId the route that it goes
   * @param since the last thing that was done to it
   * @param step code of what comes next, and which one of its route and which time; null when it is
   *     ready
   * @param kind the same as the shop says it
   * @param times how often that step is done
   * @param gateAt when it may move on; in the past when it is due; null when it is ready
   * @param bestUntil until when it stays easy; null where it does not matter
   * @param usuallyAt when the gate would be on usual days; null once it is out of its mould
   * @param attendedMin of a person's time for the next step, all pieces together
   * @param litres of its station that it takes up
   * @param next the layer that it waits for; null where it waits for none
   * @param pieceIds of those out of their moulds, or with something to be done in them
   * @param casts in their moulds: what is to be emptied
   * @param parts that the next step takes
   */
  public record ShelfGroup(
      String key,
      Board board,
      @Nullable String station,
      @Nullable String place,
      long productId,
      String product,
      String colourway,
      String swatch,
      long mouldId,
      @Nullable Long pourId,
      int pieces,
      Instant since,
      long routeId,
      @Nullable String step,
      @Nullable StepWords kind,
      int stepNo,
      int round,
      int times,
      @Nullable Instant gateAt,
      @Nullable Instant bestUntil,
      @Nullable Instant usuallyAt,
      double attendedMin,
      double litres,
      @Nullable WaitingLayer next,
      List<Long> pieceIds,
      List<ShelfCast> casts,
      List<PartToJoin> parts,
      List<FindingView> warnings) {

    ShelfGroup with(List<FindingView> more) {
      return more.isEmpty()
          ? this
          : new ShelfGroup(
              key,
              board,
              station,
              place,
              productId,
              product,
              colourway,
              swatch,
              mouldId,
              pourId,
              pieces,
              since,
              routeId,
              step,
              kind,
              stepNo,
              round,
              times,
              gateAt,
              bestUntil,
              usuallyAt,
              attendedMin,
              litres,
              next,
              pieceIds,
              casts,
              parts,
              Stream.concat(warnings.stream(), more.stream()).toList());
    }
  }

  /**
   * Pieces of another product that the next step takes.
   *
   * @param wanted for the whole group
   * @param ready of them there are
   */
  public record PartToJoin(long productId, String product, int wanted, int ready) {}

  /** A kind of step as the shop says it, and what it does. */
  public record StepWords(String todo, String done, List<Effect> effects) {
    static StepWords of(StepKind kind) {
      return new StepWords(kind.todo(), kind.done(), kind.effects().stream().sorted().toList());
    }
  }

  /** A cast to be emptied, and how many pieces it makes. */
  public record ShelfCast(long id, long version, long copyId, String copy, int pieces) {}
}
