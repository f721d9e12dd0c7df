package ironshelf.piece;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceRepository extends JpaRepository<Piece, Long> {
  List<Piece> findByCastIdOrderById(long castId);

  List<Piece> findByCastIdInOrderById(java.util.Collection<Long> castIds);

  @Query("select distinct p.castId from Piece p where p.scrapReason is not null")
  List<Long> castsWithScrap();

  List<Piece> findByPourIdInOrderById(java.util.Collection<Long> pourIds);

  @Query(
      """
      select new ironshelf.piece.OutOfMould(
          p.pourId, p.productId, p.colourwayId, p.demouldedAt, count(p))
      from Piece p where p.demouldedAt > :since and p.scrapReason is null
      group by p.pourId, p.productId, p.colourwayId, p.demouldedAt order by p.demouldedAt
      """)
  List<OutOfMould> outOfMould(Instant since);
}
