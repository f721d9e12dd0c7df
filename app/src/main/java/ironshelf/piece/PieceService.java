package ironshelf.piece;

import ironshelf.store.Runs;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
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
    return Runs.read(
            castIds,
            pieces::findByCastIdInOrderById,
            pieces::findByCastIdBetweenOrderById,
            p -> p.view().castId())
        .stream()
        .map(Piece::view)
        .toList();
  }

  @Transactional(readOnly = true)
  public List<PieceView> ofPours(Collection<Long> pourIds) {
    return Runs.read(
            pourIds,
            pieces::findByPourIdInOrderById,
            pieces::findByPourIdBetweenOrderById,
            p -> p.view().pourId())
        .stream()
        .map(Piece::view)
        .toList();
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

  /** Sound pieces of a product in a colourway that have not gone; seconds are not among them. */
  @Transactional(readOnly = true)
  public List<PieceView> toSell(long productId, long colourwayId) {
    return pieces.toSell(productId, colourwayId).stream().map(Piece::view).toList();
  }

  /** Notes that pieces have gone; null: that they are here again. */
  public void sent(Collection<Long> ids, @Nullable Instant at) {
    pieces.findAllById(ids).forEach(p -> p.sent(at));
  }

  /** Where the sound pieces of a product in a colourway are that have not gone. */
  public record Standing(long productId, long colourwayId, long inMould, long curing, long ready) {}

  @Transactional(readOnly = true)
  public List<Standing> standing() {
    return pieces.standing().stream()
        .map(s -> new Standing(s.productId(), s.colourwayId(), s.inMould(), s.curing(), s.ready()))
        .toList();
  }

  /** The last pieces of a product that were weighed, at most 30, newest last. */
  @Transactional(readOnly = true)
  public List<PieceView> lastWeighed(long productId) {
    List<PieceView> newestFirst =
        new ArrayList<>(
            pieces.findTop30ByProductIdAndMassKgIsNotNullOrderByIdDesc(productId).stream()
                .map(Piece::view)
                .toList());
    Collections.reverse(newestFirst);
    return newestFirst;
  }

  /** How many pieces were finished, and how many came to nothing. */
  public record Fate(long finished, long scrapped) {
    /** Scrapped pieces over all whose fate is decided, 0 to 1. */
    public double scrapShare() {
      return finished + scrapped == 0 ? 0 : (double) scrapped / (finished + scrapped);
    }
  }

  /** What became of all pieces whose fate is decided, by product. */
  @Transactional(readOnly = true)
  public Map<Long, Fate> fates() {
    return fatesSince(Instant.EPOCH);
  }

  /** The same, of those that were finished or scrapped since a moment. */
  @Transactional(readOnly = true)
  public Map<Long, Fate> fatesSince(Instant since) {
    return pieces.decidedSince(since).stream()
        .collect(
            Collectors.toMap(
                PieceRepository.Decided::productId, d -> new Fate(d.finished(), d.scrapped())));
  }

  /** Sound pieces of that grade. */
  @Transactional(readOnly = true)
  public List<PieceView> ofGrade(Grade grade) {
    return pieces.findByGradeAndScrapReasonIsNullAndSentAtIsNullOrderById(grade).stream()
        .map(Piece::view)
        .toList();
  }
}
