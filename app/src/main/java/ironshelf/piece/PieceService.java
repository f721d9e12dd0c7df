package ironshelf.piece;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces and their facts. */
@Service
@Transactional
public class PieceService {

  private final PieceRepository pieces;

  PieceService(PieceRepository pieces) {
    this.pieces = pieces;
  }

  /** Makes the pieces of a cast, one for each cavity. */
  public List<PieceView> make(
      long castId, long pourId, long productId, long colourwayId, int cavities) {
    return IntStream.range(0, cavities)
        .mapToObj(i -> pieces.save(new Piece(castId, pourId, productId, colourwayId)).view())
        .toList();
  }

  /** Takes back what casts made, where they were never made. */
  public void unmake(Collection<Long> castIds) {
    pieces.deleteAll(pieces.findByCastIdInOrderById(castIds));
    pieces.flush();
  }

  @Transactional(readOnly = true)
  public List<PieceView> ofCasts(Collection<Long> castIds) {
    return pieces.findByCastIdInOrderById(castIds).stream().map(Piece::view).toList();
  }

  @Transactional(readOnly = true)
  public List<PieceView> ofPours(Collection<Long> pourIds) {
    return pieces.findByPourIdInOrderById(pourIds).stream().map(Piece::view).toList();
  }

  /** Casts of which at least one piece was scrap. */
  @Transactional(readOnly = true)
  public List<Long> castsWithScrap() {
    return pieces.castsWithScrap();
  }

  /** How many pieces a cast makes. */
  @Transactional(readOnly = true)
  public int countOf(long castId) {
    return pieces.findByCastIdOrderById(castId).size();
  }

  /** Notes what came out of a cast, cavity by cavity. */
  public void demould(long castId, List<Weighed> weighed, Instant at) {
    List<Piece> made = pieces.findByCastIdOrderById(castId);
    for (int i = 0; i < made.size(); i++) {
      Weighed w = weighed.get(i);
      made.get(i)
          .demould(
              at,
              w.massKg() == null
                  ? null
                  : BigDecimal.valueOf(w.massKg()).setScale(4, RoundingMode.HALF_UP),
              w.scrapReason());
    }
  }

  @Transactional(readOnly = true)
  public List<PieceView> byIds(Collection<Long> ids) {
    return pieces.findAllById(ids).stream().map(Piece::view).toList();
  }

  /** Sound pieces that came out of their moulds since then. */
  @Transactional(readOnly = true)
  public List<OutOfMould> outOfMould(Instant since) {
    return pieces.outOfMould(since);
  }
}
