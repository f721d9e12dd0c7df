package ironshelf.piece;

import ironshelf.core.cure.Touch;
import ironshelf.core.quantity.Findings;
import ironshelf.core.route.StepKind;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What was done, and when.
 *
 * @param step null where the pieces were scrapped
 * @param stepNo of their route
 * @param round which time of it, from 1
 * @param earlyReason why, where its gate had not come
 * @param touch what the hand said; null where it said nothing
 */
public record StepDone(
    @Nullable StepKind step,
    int stepNo,
    int round,
    Instant at,
    @Nullable String earlyReason,
    @Nullable String note,
    @Nullable Touch touch) {

  public StepDone {
    Findings findings =
        new Findings().within("stepNo", stepNo, 0, 100).within("round", round, 1, 100);
    if (note != null) {
      findings.text("note", note, 500);
    }
    if (earlyReason != null) {
      findings.text("earlyReason", earlyReason, 200);
    }
    findings.orRefuse();
  }
}
