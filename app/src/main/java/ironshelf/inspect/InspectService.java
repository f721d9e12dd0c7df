package ironshelf.inspect;

import ironshelf.act.ActService;
import ironshelf.core.piece.cause.Defect;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.Grade;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepLedger;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.shelf.StepRequest;
import ironshelf.shelf.StepService;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was seen on pieces; does the step where that is what comes next. */
@Service
@Transactional
public class InspectService {

  private final InspectionRepository inspections;
  private final ActService acts;
  private final PieceService pieces;
  private final StepLedger ledger;
  private final StepService steps;
  private final ProductService products;
  private final Clock clock;

  InspectService(
      InspectionRepository inspections,
      ActService acts,
      PieceService pieces,
      StepLedger ledger,
      StepService steps,
      ProductService products,
      Clock clock) {
    this.inspections = inspections;
    this.acts = acts;
    this.pieces = pieces;
    this.ledger = ledger;
    this.steps = steps;
    this.products = products;
    this.clock = clock;
  }

  /** A second with what is to be mended on it. */
  record ToMend(
      long pieceId, String product, Instant inspectedAt, long inspectionId, List<Defect> defects) {}

  /** Keeps what was seen, once for the key. */
  public void inspect(String key, long pieceId, InspectRequest request) {
    acts.once(key, "inspect", () -> inspect(pieceId, request));
  }

  private long inspect(long pieceId, InspectRequest request) {
    Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
    PieceView piece = piece(pieceId);
    if (piece.isScrap() || piece.demouldedAt() == null) {
      throw ProblemException.conflict("piece.notSound", Map.of("piece", pieceId));
    }
    Long actId = null;
    if (request.scrapReason() != null) {
      actId = ledger.scrap(List.of(pieceId), request.scrapReason(), now);
    } else {
      Optional<Gate> next = steps.next(pieceId);
      if (next.isPresent() && next.get().kind().has(Effect.GRADES)) {
        actId =
            steps.step(
                new StepRequest(
                    List.of(StepRequest.StepPiece.of(pieceId, request.massKg())),
                    next.get().stepNo(),
                    next.get().round(),
                    null,
                    request.earlyReason(),
                    request.note(),
                    null,
                    null,
                    true,
                    request.grade()),
                now);
      } else {
        ledger.grade(pieceId, request.grade());
      }
    }
    inspections.save(new Inspection(pieceId, actId, now, request));
    return pieceId;
  }

  PieceView piece(long pieceId) {
    return pieces.byIds(List.of(pieceId)).stream()
        .findFirst()
        .orElseThrow(() -> ProblemException.unknown("piece", pieceId));
  }

  /** All that was joined into a piece, and into that. */
  @Transactional(readOnly = true)
  List<PieceView> partsOf(PieceView piece) {
    List<PieceView> all = new ArrayList<>();
    for (PieceView part : pieces.partsOf(piece.id())) {
      all.add(part);
      all.addAll(partsOf(part));
    }
    return all;
  }

  CauseView.PartOf named(PieceView part) {
    return new CauseView.PartOf(part.id(), products.product(part.productId()).name());
  }

  @Transactional(readOnly = true)
  List<InspectionView> ofPiece(long pieceId) {
    return inspections.findByPieceIdOrderById(pieceId).stream().map(Inspection::view).toList();
  }

  /** Seconds that have something to be mended, the oldest first. */
  @Transactional(readOnly = true)
  List<ToMend> toMend() {
    List<PieceView> seconds = pieces.ofGrade(Grade.SECOND);
    Map<Long, ProductView> byId = products.all();
    List<ToMend> all = new ArrayList<>();
    for (InspectionView seen :
        inspections
            .findByPieceIdInAndMendedAtIsNullOrderById(seconds.stream().map(PieceView::id).toList())
            .stream()
            .map(Inspection::view)
            .toList()) {
      PieceView piece =
          seconds.stream().filter(p -> p.id() == seen.pieceId()).findFirst().orElseThrow();
      if (!seen.defects().isEmpty()) {
        all.add(
            new ToMend(
                piece.id(),
                byId.get(piece.productId()).name(),
                seen.inspectedAt(),
                seen.id(),
                seen.defects().stream().map(SeenDefect::defect).distinct().toList()));
      }
    }
    return all;
  }

  void mended(long inspectionId) {
    Inspection inspection =
        inspections
            .findById(inspectionId)
            .orElseThrow(() -> ProblemException.unknown("inspection", inspectionId));
    inspection.mend(clock.instant());
  }
}
