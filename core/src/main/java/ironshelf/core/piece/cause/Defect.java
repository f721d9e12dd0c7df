package ironshelf.core.piece.cause;

import java.util.Comparator;
import java.util.List;

/**
 * What is seen on a piece, with its causes, most likely first (common practice;
 * docs/method/causes.md).
 */
@SuppressWarnings("ImmutableEnumChecker") // Its list is a copy that cannot be changed.
public enum Defect {
  PINHOLES(Cause.TAPPED_LITTLE, Cause.STIFF_MIX, Cause.RELEASE_POOLED),
  VOID_UNDER_LIP(Cause.LIP_IN_ONE_GO, Cause.STIFF_MIX),
  COARSE_CORNER(Cause.GRAIN_LARGE, Cause.DRY_MIX),
  THICK_BASE(Cause.CORE_FLOATED),
  THIN_SIDE(Cause.CORE_OFF, Cause.OUT_EARLY),
  TORN(Cause.OUT_EARLY, Cause.NO_RELEASE),
  CRACK(Cause.DRIED_FAST, Cause.FROST, Cause.TAPPED_LATE, Cause.NO_FIBRE, Cause.SHARP_CORNER),
  LINE(Cause.SECOND_MIX_LATE),
  SHADE(Cause.PIGMENT_OFF, Cause.WATER_OFF, Cause.PART_BOTTLE),
  SEALER_PEELS(Cause.SLIME, Cause.UNDER_DRIED, Cause.THICK_COAT, Cause.COAT_SOON),
  BOWED(Cause.NO_JACKET),
  MASS_OFF(Cause.MOULD_NOT_TARED, Cause.WATER_OFF),
  STUCK(Cause.NO_RELEASE, Cause.NO_DRAFT, Cause.OUT_LATE),
  WEAK(Cause.TOO_MUCH_WATER, Cause.FROST, Cause.COLD, Cause.STALE_CEMENT, Cause.OUT_EARLY),
  SLOPED(Cause.NOT_LEVEL);

  private final List<Cause> causes;

  Defect(Cause... causes) {
    this.causes = List.of(causes);
  }

  public List<Cause> causes() {
    return causes;
  }

  /**
   * A cause and what the facts say of it.
   *
   * @param part whose facts they are: the place in the list of parts; -1: the piece's own
   */
  public record Ranked(Cause cause, Evidence evidence, int part) {}

  /**
   * Returns the causes, those that the facts speak for first, those that they speak against last;
   * of the former the ones further off first, of the others in the usual order. A ranking of what
   * is known: it proves nothing.
   */
  public List<Ranked> rank(PieceFacts facts) {
    return rank(facts, List.of());
  }

  /**
   * Returns the same of a piece that was joined from others. A part counts where its own facts
   * speak for a cause more strongly than those of the piece do: what is seen may be seen on the
   * part. A part whose facts speak against a cause, or say nothing, does not change what the
   * piece's own say.
   */
  public List<Ranked> rank(PieceFacts own, List<PieceFacts> parts) {
    return causes.stream()
        .map(cause -> ranked(cause, own, parts))
        .sorted(
            Comparator.comparing((Ranked r) -> r.evidence().verdict())
                .thenComparing(r -> -r.evidence().strength()))
        .toList();
  }

  private static Ranked ranked(Cause cause, PieceFacts own, List<PieceFacts> parts) {
    Ranked most = new Ranked(cause, cause.in(own), -1);
    for (int i = 0; i < parts.size(); i++) {
      Evidence evidence = cause.in(parts.get(i));
      if (evidence.verdict() == Evidence.Verdict.SPEAKS_FOR
          && most.evidence().or(evidence).equals(evidence)) {
        most = new Ranked(cause, evidence, i);
      }
    }
    return most;
  }
}
