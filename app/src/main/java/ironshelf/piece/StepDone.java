package ironshelf.piece;

import ironshelf.core.cure.Touch;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was done, and when.
 *
 * @param step code of its kind; null where the pieces were scrapped
 * @param reason why, where its gate had not come or where it was left out
 * @param leftOut whether it was not done, and the pieces go on without it
 * @param touch what the hand said; null where it said nothing
 */
public record StepDone(
    @Nullable String step,
    Instant at,
    @Nullable String reason,
    @Nullable String note,
    boolean leftOut,
    @Nullable Touch touch) {

  /**
   * Where in its route a piece had it.
   *
   * @param stepNo of its route
   * @param round which time of it, from 1
   */
  public record Place(int stepNo, int round) {
    public Place {
      new Findings().within("stepNo", stepNo, 0, 100).within("round", round, 1, 100).orRefuse();
    }
  }

  public StepDone {
    Findings findings = new Findings();
    if (note != null) {
      findings.text("note", note, 500);
    }
    if (reason != null) {
      findings.text("earlyReason", reason, 200);
    }
    findings
        .addIf(leftOut && reason == null, FindingCode.VALUE_MISSING, "earlyReason", Map.of())
        .orRefuse();
  }

  /** Scrapping, with the reason. */
  static StepDone scrap(String reason, Instant at) {
    return new StepDone(null, at, null, reason, false, null);
  }
}
