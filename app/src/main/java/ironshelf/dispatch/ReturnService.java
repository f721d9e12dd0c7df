package ironshelf.dispatch;

import ironshelf.act.ActService;
import ironshelf.order.AllotmentService;
import ironshelf.piece.StepLedger;
import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What comes back: on the shelf again, or scrap; made again, or not. */
@Service
@Transactional
public class ReturnService {

  private final ReturnRepository returns;
  private final AllotmentService allotments;
  private final StepLedger ledger;
  private final ActService acts;
  private final Clock clock;

  ReturnService(
      ReturnRepository returns,
      AllotmentService allotments,
      StepLedger ledger,
      ActService acts,
      Clock clock) {
    this.returns = returns;
    this.allotments = allotments;
    this.ledger = ledger;
    this.acts = acts;
    this.clock = clock;
  }

  /** Takes a piece back, once for the key. */
  public void take(String key, ReturnRequest request) {
    acts.once(key, "return", () -> take(request));
  }

  private long take(ReturnRequest request) {
    long lineId = allotments.returned(request.pieceId(), request.replaced());
    if (!request.sound()) {
      ledger.scrap(List.of(request.pieceId()), request.reason(), clock.instant());
    }
    return returns
        .save(
            new ReturnEntity(
                request.pieceId(),
                lineId,
                request.reason(),
                request.sound(),
                request.replaced(),
                clock.instant()))
        .id();
  }
}
