package ironshelf.core.pour.script;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Finding;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Where a pour stands.
 *
 * @param steps all of them in order, those done as well; exactly one is {@link StepStatus#NOW}
 *     while the pour is open
 * @param clock of the batch at hand; null before it is wetted
 * @param fillingMin what filling took, from the act before each; null where nothing was filled
 * @param lost what was thrown away, each with its reason
 * @param advice what does not fit, each with what can be done
 */
public record PourState(
    Status status,
    Bowl bowl,
    List<BatchState> batches,
    List<CopyState> copies,
    List<Step> steps,
    @Nullable Clock clock,
    @Nullable Double fillingMin,
    List<Lost> lost,
    List<Advice> advice) {

  public enum Status {
    OPEN,
    RECORDED,
    ABANDONED
  }

  /**
   * All bowls together: in = out + left + thrown + not accounted for.
   *
   * @param leftKg weighed, or by the sum while it is not
   * @param leftMeasured whether it was weighed
   * @param unaccountedKg below zero where more came out than went in by the scale
   * @param litres that went in
   */
  public record Bowl(
      double inKg,
      double outKg,
      double leftKg,
      boolean leftMeasured,
      double thrownKg,
      double unaccountedKg,
      double litres) {}

  /**
   * What was mixed at once.
   *
   * @param colour null: the sheet's
   * @param lostKg what would be left by its sum where somebody said that its bowls are empty; else
   *     0
   * @param measured whether all that went in was measured
   */
  public record BatchState(
      String batch,
      @Nullable String colour,
      double inKg,
      double leftKg,
      double leftL,
      double lostKg,
      boolean measured,
      List<MixState> mixes) {}

  /**
   * One bowl.
   *
   * @param splitKg of what went in that was taken out again into a bowl of another colour
   * @param inByMaterial kg in it, what came out of another bowl included
   * @param ownByMaterial kg that were weighed into it
   * @param assumed materials of which nobody measured all that went in
   */
  public record MixState(
      String mix,
      double inKg,
      double splitKg,
      double inL,
      @Nullable Instant wettedAt,
      Map<String, Double> inByMaterial,
      Map<String, Double> ownByMaterial,
      List<String> assumed) {}

  public enum Fill {
    EMPTY,
    PART,
    FULL
  }

  /**
   * A copy.
   *
   * @param litres what the mould takes where it is full, else by the sum
   * @param cavities that are filled
   * @param mixes that it has something of, with how many kg of each
   * @param leftOut why it is not filled; null where it is
   * @param twice whether two batches of one colour met in it: a line can show
   */
  public record CopyState(
      String copy,
      Fill fill,
      double kg,
      double litres,
      int cavities,
      Map<String, Double> mixes,
      boolean measured,
      boolean added,
      boolean twice,
      @Nullable String leftOut) {}

  public enum StepKind {
    CHECK,
    WEIGH,
    WET,
    FILL,
    FINISH,
    LEFT,
    RECORD
  }

  public enum StepStatus {
    DONE,
    NOW,
    LATER,
    SKIPPED
  }

  /**
   * One thing to do.
   *
   * @param completedBy the kind of fact that completes it
   * @param about what it is about: a check, a line, a mix, a batch
   * @param bowl how much of the batch is in its bowls once it is done, 0 to 1
   */
  public record Step(
      String key,
      StepKind kind,
      StepStatus status,
      String completedBy,
      String about,
      @Nullable String batch,
      @Nullable WeighingStep weigh,
      @Nullable FillingStep fill,
      double bowl) {
    Step as(StepStatus to) {
      return new Step(key, kind, to, completedBy, about, batch, weigh, fill, bowl);
    }
  }

  /**
   * What is asked on the scale.
   *
   * @param askedKg still to weigh where some is in already
   * @param bitByBit whether it goes in little by little, each addition a fact of its own
   */
  public record WeighingStep(
      String mix,
      String material,
      Role role,
      double askedKg,
      double toleranceKg,
      double wentKg,
      @Nullable Double mostKg,
      boolean bitByBit) {}

  /**
   * What goes into a copy.
   *
   * @param kgByMix of each bowl's mix
   * @param whole whether it is full with this, as planned
   */
  public record FillingStep(String copy, double kg, Map<String, Double> kgByMix, boolean whole) {}

  /** The working time of the batch at hand. */
  public record Clock(String batch, Instant wettedAt, Instant workUntil) {}

  /** Mix of a batch that was thrown away, and why. */
  public record Lost(String batch, double kg, String why, Instant at) {}

  /** Something that does not fit, and what can be done about it. */
  public record Advice(Finding finding, List<Remedy> remedies) {
    public Advice {
      remedies = List.copyOf(remedies);
    }
  }

  /**
   * @param kind of fact that does it
   * @param values that the fact takes
   */
  public record Remedy(String kind, Map<String, Object> values) {}
}
