package ironshelf.order;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import ironshelf.core.order.Allotting;
import ironshelf.core.order.Candidate;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.allotment.Allotment;
import ironshelf.order.allotment.AllotmentRepository;
import ironshelf.order.allotment.AllotmentView;
import ironshelf.order.allotment.LineAllotments;
import ironshelf.order.line.OrderLineView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.Target;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which pieces are tied to which lines. The database holds that a piece is tied once at most; a
 * line that is held while it is counted holds that it never gets more than it wants.
 */
@Service
@Transactional
public class AllotmentService {

  /** What is on its way counts as younger than anything that is ready, in the mould youngest. */
  private static final Duration ON_ITS_WAY = Duration.ofDays(10_000);

  private final OrderRepository orders;
  private final OrderLineRepository lines;
  private final AllotmentRepository allotments;
  private final LineProgress progress;
  private final PieceService pieces;
  private final ProductService products;
  private final EntityManager entities;
  private final Clock clock;

  AllotmentService(
      OrderRepository orders,
      OrderLineRepository lines,
      AllotmentRepository allotments,
      LineProgress progress,
      PieceService pieces,
      ProductService products,
      EntityManager entities,
      Clock clock) {
    this.orders = orders;
    this.lines = lines;
    this.allotments = allotments;
    this.progress = progress;
    this.pieces = pieces;
    this.products = products;
    this.entities = entities;
    this.clock = clock;
  }

  /**
   * Ties pieces to a line as far as it wants more; the rest stay free.
   *
   * @return how many were tied
   */
  public int allot(long lineId, List<Long> pieceIds, Instant at) {
    int wanted = wanted(held(lineId));
    List<Long> taken = pieceIds.subList(0, Math.min(wanted, pieceIds.size()));
    taken.forEach(pieceId -> allotments.save(new Allotment(lineId, pieceId, at)));
    return taken.size();
  }

  private int wanted(OrderLine line) {
    OrderEntity order = line.order();
    return order.isQuote() || order.isCancelled()
        ? 0
        : progress.of(order).lines().stream()
            .filter(l -> l.id() == line.id())
            .mapToInt(OrderLineView::toPour)
            .sum();
  }

  /**
   * Ties these pieces to a line by hand; refused where one is not to be had, or too many are. What
   * it has already stays: it is asked for again where the answer was lost.
   */
  public LineAllotments allotByHand(long lineId, Collection<Long> pieceIds) {
    OrderLine line = held(lineId);
    Set<Long> asked = new LinkedHashSet<>(pieceIds);
    asked.removeAll(ownPieces(line).keySet());
    Set<Long> free = free(line).stream().map(PieceView::id).collect(toSet());
    for (long pieceId : asked) {
      if (!free.contains(pieceId)) {
        throw ProblemException.conflict("piece.notFree", Map.of("piece", pieceId));
      }
    }
    int wanted = wanted(line);
    if (asked.size() > wanted) {
      throw ProblemException.conflict(
          "line.enough", Map.of("value", asked.size(), "wanted", wanted));
    }
    asked.forEach(id -> allotments.save(new Allotment(lineId, id, clock.instant())));
    allotments.flush();
    return of(line);
  }

  /**
   * Ties what there is to an order's lines: of few shades, oldest first, what is weighed matched.
   */
  public int allotBest(long orderId) {
    OrderEntity order =
        orders.findById(orderId).orElseThrow(() -> ProblemException.unknown("order", orderId));
    int tied = 0;
    // Always in one order, so that two never wait for each other.
    for (long lineId : order.lines().stream().map(OrderLine::id).sorted().toList()) {
      OrderLine line = held(lineId);
      int wanted = wanted(line);
      if (wanted > 0) {
        List<Long> chosen = best(line, wanted);
        chosen.forEach(id -> allotments.save(new Allotment(line.id(), id, clock.instant())));
        allotments.flush();
        tied += chosen.size();
      }
    }
    return tied;
  }

  private List<Long> best(OrderLine line, int wanted) {
    List<Candidate> free = free(line).stream().map(AllotmentService::candidate).toList();
    @Nullable Target target = products.product(line.productId()).target();
    if (target != null) {
      return Allotting.byMass(free, wanted, target.toleranceKg());
    }
    Set<Long> begun = new HashSet<>();
    ownPieces(line).values().forEach(p -> begun.add(p.pourId()));
    return Allotting.byShade(free, wanted, begun);
  }

  private static Candidate candidate(PieceView piece) {
    Instant age = piece.readyAt();
    if (age == null) {
      Instant out = piece.demouldedAt();
      age =
          out == null
              ? Instant.EPOCH.plus(ON_ITS_WAY.multipliedBy(4)).plusSeconds(piece.id())
              : out.plus(ON_ITS_WAY);
    }
    return new Candidate(
        piece.id(),
        piece.pourId(),
        age,
        piece.massKg() == null ? null : piece.massKg().doubleValue());
  }

  /** Unties pieces from whatever they are tied to, unless they have gone. */
  public void free(List<Long> pieceIds) {
    List<Allotment> tied = allotments.findByPieceIdIn(pieceIds);
    tied.stream()
        .filter(Allotment::isSent)
        .findFirst()
        .ifPresent(
            a -> {
              throw ProblemException.conflict("piece.sent", Map.of("piece", a.pieceId()));
            });
    allotments.deleteAll(tied);
    allotments.flush();
  }

  /** Frees what of a line has not gone. */
  void freeUnsent(OrderLine line) {
    lines.held(line.id());
    allotments.deleteAll(
        allotments.findByLineIdIn(List.of(line.id())).stream().filter(a -> !a.isSent()).toList());
    allotments.flush();
  }

  /** Frees what a line has over a smaller quantity, the youngest first. */
  void shorten(OrderLine line, int quantity) {
    lines.held(line.id());
    List<Allotment> own = allotments.findByLineIdIn(List.of(line.id()));
    long sent = own.stream().filter(Allotment::isSent).count();
    if (sent > quantity) {
      throw ProblemException.conflict(
          "line.sent", Map.of("line", line.order().number() + "/" + line.position()));
    }
    int over = own.size() - quantity;
    List<Allotment> unsent = own.stream().filter(a -> !a.isSent()).toList();
    for (int i = 0; i < over; i++) {
      allotments.delete(unsent.get(unsent.size() - 1 - i));
    }
    allotments.flush();
  }

  /** How many of these pieces are tied to a line. */
  @Transactional(readOnly = true)
  public int allottedOf(List<Long> pieceIds) {
    return allotments.countByPieceIdIn(pieceIds);
  }

  /** Pieces by their line that are tied and have not gone. */
  @Transactional(readOnly = true)
  public Map<Long, Long> lineByPiece(Collection<Long> pieceIds) {
    return allotments.findByPieceIdIn(pieceIds).stream()
        .filter(a -> !a.isSent())
        .collect(toMap(Allotment::pieceId, Allotment::lineId));
  }

  /** What an order's lines have, and what they could have. */
  @Transactional(readOnly = true)
  public List<LineAllotments> ofOrder(long orderId) {
    return orders
        .findById(orderId)
        .orElseThrow(() -> ProblemException.unknown("order", orderId))
        .lines()
        .stream()
        .map(this::of)
        .toList();
  }

  private LineAllotments of(OrderLine line) {
    Map<Long, PieceView> own = ownPieces(line);
    return new LineAllotments(
        line.id(),
        allotments.findByLineIdIn(List.of(line.id())).stream()
            .map(a -> view(own.get(a.pieceId()), a.isSent()))
            .toList(),
        free(line).stream().map(p -> view(p, false)).toList());
  }

  private Map<Long, PieceView> ownPieces(OrderLine line) {
    return pieces
        .byIds(
            allotments.findByLineIdIn(List.of(line.id())).stream().map(Allotment::pieceId).toList())
        .stream()
        .collect(toMap(PieceView::id, identity()));
  }

  private static AllotmentView view(PieceView piece, boolean sent) {
    return new AllotmentView(
        piece.id(), piece.pourId(), piece.demouldedAt(), piece.readyAt(), piece.massKg(), sent);
  }

  private List<PieceView> free(OrderLine line) {
    Set<Long> tied = new HashSet<>(allotments.waitingPieces());
    return pieces.toSell(line.productId(), line.colourwayId()).stream()
        .filter(p -> !tied.contains(p.id()))
        .toList();
  }

  /** Notes that pieces have gone, or came back before they were underway. */
  public void sent(Collection<Long> pieceIds, @Nullable Instant at) {
    allotments.findByPieceIdIn(pieceIds).forEach(a -> a.sent(at));
    pieces.sent(pieceIds, at);
  }

  /**
   * A piece came back from a customer: it is tied to nothing any more.
   *
   * @param replaced whether another is made for it; the line wants one less otherwise
   * @return the line that it was for
   */
  public long returned(long pieceId, boolean replaced) {
    Allotment tied =
        allotments.findByPieceIdIn(List.of(pieceId)).stream()
            .filter(Allotment::isSent)
            .findFirst()
            .orElseThrow(
                () -> ProblemException.conflict("piece.notSent", Map.of("piece", pieceId)));
    if (!replaced) {
      line(tied.lineId()).refund();
    }
    allotments.delete(tied);
    allotments.flush();
    pieces.sent(List.of(pieceId), null);
    return tied.lineId();
  }

  /** Holds an order's lines until the transaction ends: who else ties or sends its pieces waits. */
  public void hold(long orderId) {
    orders
        .findById(orderId)
        .orElseThrow(() -> ProblemException.unknown("order", orderId))
        .lines()
        .stream()
        .map(OrderLine::id)
        .sorted()
        .forEach(this::held);
  }

  /** The line as it is now, held until this is done. */
  private OrderLine held(long id) {
    OrderLine line = lines.held(id).orElseThrow(() -> ProblemException.unknown("order line", id));
    // It may have been read before somebody else was done with it.
    entities.refresh(line.order());
    return line;
  }

  private OrderLine line(long id) {
    return lines.findById(id).orElseThrow(() -> ProblemException.unknown("order line", id));
  }
}
