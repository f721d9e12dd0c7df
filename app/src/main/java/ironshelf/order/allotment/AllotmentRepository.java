package ironshelf.order.allotment;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface AllotmentRepository extends JpaRepository<Allotment, Long> {
  List<Allotment> findByLineIdIn(Collection<Long> lineIds);

  /** How an allotted piece stands. */
  record Allotted(
      long lineId,
      long pourId,
      @Nullable Instant sentAt,
      @Nullable String scrapReason,
      @Nullable Instant demouldedAt,
      @Nullable Instant readyAt) {}

  String ALLOTTED =
      """
      select new ironshelf.order.allotment.AllotmentRepository$Allotted(
          a.lineId, p.pourId, a.sentAt, p.scrapReason, p.demouldedAt, p.readyAt)
      from Allotment a join Piece p on p.id = a.pieceId
      """;

  @Query(ALLOTTED + " where a.lineId in :lineIds")
  List<Allotted> allotted(Collection<Long> lineIds);

  @Query(ALLOTTED + " where a.lineId between :from and :to")
  List<Allotted> allottedBetween(long from, long to);

  List<Allotment> findByPieceIdIn(Collection<Long> pieceIds);

  int countByPieceIdIn(Collection<Long> pieceIds);

  @Query("select a.pieceId from Allotment a where a.sentAt is null")
  List<Long> waitingPieces();
}
