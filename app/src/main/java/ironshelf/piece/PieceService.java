package ironshelf.piece;

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

  /**
   * Makes the pieces of a cast, one for each cavity.
   *
   * @param routeId the route that they will go
   */
  public List<PieceView> make(
      long castId, long pourId, long productId, long colourwayId, long routeId, int cavities) {
    return IntStream.range(0, cavities)
        .mapToObj(
            i -> pieces.save(new Piece(castId, pourId, productId, colourwayId, routeId)).view())
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

  @Transactional(readOnly = true)
  public List<PieceView> byIds(Collection<Long> ids) {
    return pieces.findAllById(ids).stream().map(Piece::view).toList();
  }

  /** Sound pieces out of their moulds that are not ready, or became so since then. */
  @Transactional(readOnly = true)
  public List<LivePiece> live(Instant since) {
    return pieces.live(since);
  }

  /** Of these, the sound ones out of their moulds. */
  @Transactional(readOnly = true)
  public List<LivePiece> live(Collection<Long> ids) {
    return pieces.live(ids);
  }

  /** Sound pieces of that grade. */
  @Transactional(readOnly = true)
  public List<PieceView> ofGrade(Grade grade) {
    return pieces.findByGradeAndScrapReasonIsNullOrderById(grade).stream()
        .map(Piece::view)
        .toList();
  }
}
