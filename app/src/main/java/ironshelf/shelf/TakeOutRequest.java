package ironshelf.shelf;

import ironshelf.core.cure.Touch;
import ironshelf.core.quantity.Findings;
import ironshelf.piece.OnScale;
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
 * @param totalMassKg of all sound ones, weighed together; null where they were not
 */
public record TakeOutRequest(
    List<TakenOut> casts,
    @Nullable String earlyReason,
    @Nullable Touch touch,
    @Nullable String note,
    @Nullable Instant doneAt,
    @Nullable Double totalMassKg) {

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

  /** The share of each sound piece where they were weighed together; null where they were not. */
  @Nullable OnScale together() {
    List<Weighed> all = casts.stream().flatMap(c -> c.pieces().stream()).toList();
    return OnScale.together(
        totalMassKg,
        (int) all.stream().filter(w -> w.scrapReason() == null).count(),
        all.stream().anyMatch(w -> w.massKg() != null));
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
