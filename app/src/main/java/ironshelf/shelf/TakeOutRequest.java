package ironshelf.shelf;

import ironshelf.core.cure.Touch;
import ironshelf.core.quantity.Findings;
import ironshelf.piece.Weighed;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Castings taken out of their moulds, with what came of each.
 *
 * @param earlyReason why, where the time had not come
 * @param touch what the hand said; null where it said nothing
 * @param doneAt when it was done; null: now
 */
public record TakeOutRequest(
    List<TakenOut> casts,
    @Nullable String earlyReason,
    @Nullable Touch touch,
    @Nullable String note,
    @Nullable Instant doneAt) {

  /** One cast as it was when it was seen, and its pieces, cavity by cavity. */
  public record TakenOut(@Nullable Long castId, @Nullable Long version, List<Weighed> pieces) {
    public TakenOut {
      new Findings()
          .present("castId", castId)
          .present("version", version)
          .list("pieces", pieces, 500)
          .orRefuse();
    }
  }

  public TakeOutRequest {
    Findings findings = new Findings().list("casts", casts, 500);
    if (earlyReason != null) {
      findings.text("earlyReason", earlyReason, 200);
    }
    if (note != null) {
      findings.text("note", note, 500);
    }
    findings.orRefuse();
  }
}
