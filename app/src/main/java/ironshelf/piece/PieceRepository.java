package ironshelf.piece;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceRepository extends JpaRepository<Piece, Long> {
  List<Piece> findByCastIdOrderById(long castId);

  List<Piece> findByCastIdInOrderById(Collection<Long> castIds);

  List<Piece> findByCastIdBetweenOrderById(long from, long to);

  List<Piece> findByOrderByIdDesc(Limit most);

  List<Piece> findByGradeAndScrapReasonIsNullAndSentAtIsNullAndJoinedIntoIsNullOrderById(
      Grade grade);

  /** Sound pieces that nobody has had, but for seconds. */
  @Query(
      """
      select p from Piece p
      where p.productId = :productId and p.colourwayId = :colourwayId
        and p.scrapReason is null and p.sentAt is null and p.joinedInto is null
        and (p.grade is null or p.grade = ironshelf.piece.Grade.FIRST)
      order by p.id
      """)
  List<Piece> toSell(long productId, long colourwayId);

  /** How many pieces of a product. */
  record Count(long productId, long pieces) {}

  /** Those that became ready since a moment, and were not scrapped. */
  @Query(
      """
      select new ironshelf.piece.PieceRepository$Count(p.productId, count(p))
      from Piece p where p.readyAt > :since and p.scrapReason is null group by p.productId
      """)
  List<Count> finishedSince(Instant since);

  /** Those that were scrapped since a moment. */
  @Query(
      """
      select new ironshelf.piece.PieceRepository$Count(p.productId, count(p))
      from Piece p where p.scrappedAt > :since group by p.productId
      """)
  List<Count> scrappedSince(Instant since);

  /** Where the pieces of a product in a colourway are that have not gone. */
  record Stands(long productId, long colourwayId, long inMould, long curing, long ready) {}

  @Query(
      """
      select new ironshelf.piece.PieceRepository$Stands(
          p.productId, p.colourwayId,
          sum(case when p.demouldedAt is null then 1L else 0L end),
          sum(case when p.demouldedAt is not null and p.readyAt is null then 1L else 0L end),
          sum(case when p.readyAt is not null then 1L else 0L end))
      from Piece p where p.scrapReason is null and p.sentAt is null and p.joinedInto is null
      group by p.productId, p.colourwayId
      """)
  List<Stands> standing();

  List<Piece> findTop30ByProductIdAndMassKgIsNotNullAndWeighedWithIsNullOrderByIdDesc(
      long productId);

  String LIVE =
      """
      select new ironshelf.piece.LivePiece(
          p.id, p.castId, p.pourId, p.productId, p.colourwayId, p.routeId, s.id,
          s.stepNo, s.round, a.doneAt, p.readyAt, p.grade)
      from Piece p, PieceStep s, StepAct a
      where s.id = p.lastStepId and a.id = s.actId and p.scrapReason is null and p.sentAt is null
        and p.demouldedAt is not null and p.joinedInto is null
      """;

  @Query(LIVE + " and (p.readyAt is null or p.readyAt > :since) order by a.doneAt, p.id")
  List<LivePiece> live(Instant since);

  @Query(LIVE + " and p.id in :ids order by p.id")
  List<LivePiece> live(Collection<Long> ids);

  /** The last thing done in the mould to each piece of casts, where something was. */
  record DoneInMould(long pieceId, long stepId, int stepNo, int round, Instant doneAt) {}

  @Query(
      """
      select new ironshelf.piece.PieceRepository$DoneInMould(
          p.id, s.id, s.stepNo, s.round, a.doneAt)
      from Piece p, PieceStep s, StepAct a
      where s.id = p.lastStepId and a.id = s.actId
        and p.demouldedAt is null and p.castId in :castIds
      """)
  List<DoneInMould> doneInMould(Collection<Long> castIds);

  List<Piece> findByJoinedIntoOrderById(long pieceId);

  @Query(
      """
      select p from Piece p, PieceStep s
      where p.joinedInto = :pieceId and s.id = p.joinedStep and s.actId > :actId
      """)
  List<Piece> partsSince(long pieceId, long actId);

  @Query(
      """
      select p from Piece p
      where p.productId = :productId and p.routeId <> :routeId and p.readyAt is null
        and p.scrapReason is null and p.sentAt is null and p.joinedInto is null
      order by p.id
      """)
  List<Piece> onOtherRoutes(long productId, long routeId);

  List<Piece> findByJoinedStepIn(Collection<Long> stepIds);

  /** Ready first-grade pieces of a product that are no parts yet, the oldest first. */
  @Query(
      """
      select p from Piece p
      where p.productId = :productId and p.readyAt is not null
        and p.scrapReason is null and p.sentAt is null and p.joinedInto is null
        and (p.grade is null or p.grade = ironshelf.piece.Grade.FIRST)
      order by p.readyAt, p.id
      """)
  List<Piece> spare(long productId, Limit most);
}
