package ironshelf.piece;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.http.problem.ProblemException;
import ironshelf.store.CachedRead;
import ironshelf.store.RangeReads;
import ironshelf.store.TableVersions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces and their facts. */
@Service
@Transactional
public class PieceService {

  private final PieceRepository pieces;
  private final EarlierCastRepository earlier;
  private final PieceStepRepository steps;

  private final CachedRead<Map<Long, Fate>> fates;

  /** By the product, once it was asked for. */
  private final CachedRead<Map<Long, List<PieceView>>> lastWeighed;

  PieceService(
      PieceRepository pieces,
      EarlierCastRepository earlier,
      PieceStepRepository steps,
      TableVersions changes) {
    this.pieces = pieces;
    this.earlier = earlier;
    this.steps = steps;
    this.lastWeighed = changes.keep(ConcurrentHashMap::new, "pieces");
    this.fates = changes.keep(() -> fatesSince(Instant.EPOCH), "pieces");
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
    List<Piece> made = pieces.findByCastIdInOrderById(castIds);
    if (made.stream().anyMatch(p -> p.lastStepId() != null)) {
      throw ProblemException.conflict("act.goneOn", Map.of());
    }
    pieces.deleteAll(made);
    pieces.flush();
  }

  @Transactional(readOnly = true)
  public List<PieceView> ofCasts(Collection<Long> castIds) {
    List<PieceView> all =
        new ArrayList<>(
            RangeReads.read(
                    castIds,
                    pieces::findByCastIdInOrderById,
                    pieces::findByCastIdBetweenOrderById,
                    Piece::castId)
                .stream()
                .map(Piece::view)
                .toList());
    Map<Long, List<EarlierCast>> before =
        RangeReads.read(
                castIds,
                earlier::findByCastIdInOrderById,
                earlier::findByCastIdBetweenOrderById,
                EarlierCast::castId)
            .stream()
            .collect(groupingBy(EarlierCast::pieceId));
    pieces
        .findAllById(before.keySet())
        .forEach(p -> before.get(p.id()).forEach(e -> all.add(p.view().in(e))));
    return all;
  }

  /** The newest ones, so many at most. */
  @Transactional(readOnly = true)
  public List<PieceView> latest(int most) {
    return pieces.findByOrderByIdDesc(Limit.of(most)).stream().map(Piece::view).toList();
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

  /**
   * Pieces in their moulds, each with the last thing done to it there.
   *
   * @param filledAt when each cast was filled for the last time
   */
  @Transactional(readOnly = true)
  public List<LivePiece> inMould(Map<Long, Instant> filledAt) {
    Map<Long, PieceRepository.DoneInMould> done = new HashMap<>();
    pieces.doneInMould(filledAt.keySet()).forEach(d -> done.put(d.pieceId(), d));
    return ofCasts(filledAt.keySet()).stream()
        .filter(p -> p.demouldedAt() == null)
        .map(p -> inMould(p, done.get(p.id()), filledAt.get(p.castId())))
        .toList();
  }

  private static LivePiece inMould(
      PieceView piece, PieceRepository.@Nullable DoneInMould done, Instant filledAt) {
    return new LivePiece(
        piece.id(),
        piece.castId(),
        piece.pourId(),
        piece.productId(),
        piece.colourwayId(),
        piece.routeId(),
        done == null ? null : done.stepId(),
        done == null ? 0 : done.stepNo(),
        done == null ? 1 : done.round(),
        done == null ? filledAt : done.doneAt(),
        null,
        null);
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

  /** The last pieces of a product that were weighed alone, at most 30, newest last. */
  @Transactional(readOnly = true)
  public List<PieceView> lastWeighed(long productId) {
    return lastWeighed
        .get()
        .computeIfAbsent(
            productId,
            id -> {
              List<PieceView> newestFirst =
                  new ArrayList<>(
                      pieces
                          .findTop30ByProductIdAndMassKgIsNotNullAndWeighedWithIsNullOrderByIdDesc(
                              id)
                          .stream()
                          .map(Piece::view)
                          .toList());
              Collections.reverse(newestFirst);
              return Collections.unmodifiableList(newestFirst);
            });
  }

  /** How many pieces were finished, and how many came to nothing. */
  public record Fate(long finished, long scrapped) {
    private Fate plus(Fate other) {
      return new Fate(finished + other.finished, scrapped + other.scrapped);
    }

    /** Scrapped pieces over all whose fate is decided, 0 to 1. */
    public double scrapShare() {
      return finished + scrapped == 0 ? 0 : (double) scrapped / (finished + scrapped);
    }
  }

  /** What became of all pieces whose fate is decided, by product. */
  @Transactional(readOnly = true)
  public Map<Long, Fate> fates() {
    return fates.get();
  }

  /** The same, of those that were finished or scrapped since a moment. */
  @Transactional(readOnly = true)
  public Map<Long, Fate> fatesSince(Instant since) {
    Map<Long, Fate> fates = new LinkedHashMap<>();
    pieces
        .finishedSince(since)
        .forEach(c -> fates.merge(c.productId(), new Fate(c.pieces(), 0), Fate::plus));
    pieces
        .scrappedSince(since)
        .forEach(c -> fates.merge(c.productId(), new Fate(0, c.pieces()), Fate::plus));
    return Collections.unmodifiableMap(fates);
  }

  /** Ready pieces of a product that go nowhere yet and were weighed alone, so many at most. */
  @Transactional(readOnly = true)
  public List<PieceView> spareWeighed(long productId, int most) {
    return pieces.spare(productId, Limit.of(most)).stream()
        .map(Piece::view)
        .filter(p -> p.massKg() != null && p.weighedWith() == null)
        .toList();
  }

  /** The ready pieces of a product that could go into others, the oldest first. */
  @Transactional(readOnly = true)
  public List<PieceView> spares(long productId) {
    return pieces.spare(productId, Limit.unlimited()).stream().map(Piece::view).toList();
  }

  /** The pieces that one is made of, besides its own body. */
  @Transactional(readOnly = true)
  public List<PieceView> partsOf(long pieceId) {
    return pieces.findByJoinedIntoOrderById(pieceId).stream().map(Piece::view).toList();
  }

  /** The act at which each of these pieces was on the scale last, by the piece. */
  @Transactional(readOnly = true)
  public Map<Long, Long> lastWeighing(Collection<Long> ids) {
    Map<Long, Long> last = new HashMap<>();
    if (!ids.isEmpty()) {
      steps.lastWeighing(ids).forEach(w -> last.put(w.pieceId(), w.actId()));
    }
    return last;
  }

  /** Pieces that became parts of one after an act. */
  @Transactional(readOnly = true)
  public List<PieceView> partsSince(long pieceId, long actId) {
    return pieces.partsSince(pieceId, actId).stream().map(Piece::view).toList();
  }

  /** Sound pieces of that grade. */
  @Transactional(readOnly = true)
  public List<PieceView> ofGrade(Grade grade) {
    return pieces
        .findByGradeAndScrapReasonIsNullAndSentAtIsNullAndJoinedIntoIsNullOrderById(grade)
        .stream()
        .map(Piece::view)
        .toList();
  }
}
