package ironshelf.shelf;

import ironshelf.core.quantity.Findings;
import ironshelf.piece.Grade;
import ironshelf.piece.OnScale;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A step done to pieces, of one product or of several whose next step is of the same kind.
 *
 * @param stepNo of their route, as it was seen to come next; a piece may say its own
 * @param round which time of it; likewise
 * @param doneAt null: now
 * @param earlyReason why, where the time had not come or where it was left out
 * @param grade of an inspection, the same for all; null where it was not graded
 * @param leftOut whether it was not done, and they go on without it; null: it was done
 * @param totalMassKg of all of them, weighed together; null where they were not
 * @param overfull whether it is known that its station takes no more
 */
public record StepRequest(
    List<StepPiece> pieces,
    int stepNo,
    int round,
    @Nullable Instant doneAt,
    @Nullable String earlyReason,
    @Nullable String note,
    @Nullable Boolean leftOut,
    @Nullable Double totalMassKg,
    @Nullable Boolean overfull,
    @Nullable Grade grade) {

  /**
   * A piece, with its mass where it was weighed.
   *
   * @param massKg over 0; null where it was not weighed
   * @param stepNo of its own route; null: as the request says
   * @param round likewise
   */
  public record StepPiece(
      @Nullable Long id,
      @Nullable Double massKg,
      @Nullable Integer stepNo,
      @Nullable Integer round) {

    public static StepPiece of(long id, @Nullable Double massKg) {
      return new StepPiece(id, massKg, null, null);
    }

    public StepPiece {
      Findings findings = new Findings().present("id", id);
      if (massKg != null) {
        findings.above("massKg", massKg, 0, Findings.MAX_MASS_KG);
      }
      findings.orRefuse();
    }
  }

  /** The share of each piece where they were weighed together; null where they were not. */
  @Nullable OnScale together() {
    return OnScale.together(
        totalMassKg, pieces.size(), pieces.stream().anyMatch(p -> p.massKg() != null));
  }

  public StepRequest {
    Findings findings =
        new Findings()
            .list("pieces", pieces, 5_000)
            .within("stepNo", stepNo, 1, 100)
            .within("round", round, 1, 100);
    if (earlyReason != null) {
      findings.text("earlyReason", earlyReason, 200);
    }
    if (note != null) {
      findings.text("note", note, 500);
    }
    findings.orRefuse();
  }
}
