package ironshelf.core.piece.cause;

import static ironshelf.core.piece.cause.Evidence.above;
import static ironshelf.core.piece.cause.Evidence.below;
import static ironshelf.core.piece.cause.Evidence.no;
import static ironshelf.core.piece.cause.Evidence.yes;

import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What may have been wrong, and how the facts of a piece bear on it. Limits that no recipe gives
 * are common practice (docs/method/causes.md), or from the source named.
 */
@SuppressWarnings("ImmutableEnumChecker") // The rules hold nothing.
public enum Cause {
  TAPPED_LITTLE(FactName.TAPPED_MIN, f -> below(f.get(FactName.TAPPED_MIN), 1)),
  STIFF_MIX(
      null,
      f ->
          below(f.get(FactName.WATER_PERCENT), f.get(FactName.WATER_LEAST_PERCENT))
              .or(above(f.get(FactName.FILLED_AFTER_MIN), f.get(FactName.WORKING_MIN)))),
  RELEASE_POOLED(FactName.RELEASE_POOLED, f -> yes(f.get(FactName.RELEASE_POOLED))),
  LIP_IN_ONE_GO(FactName.LIP_IN_ONE_GO, f -> yes(f.get(FactName.LIP_IN_ONE_GO))),
  /** No grain larger than a fifth of the narrowest gap (ACI 318). */
  GRAIN_LARGE(
      FactName.GRAIN_MM, f -> above(f.get(FactName.GRAIN_MM), f.get(FactName.GRAIN_ALLOWED_MM))),
  DRY_MIX(null, f -> below(f.get(FactName.WATER_PERCENT), f.get(FactName.WATER_LEAST_PERCENT))),
  CORE_FLOATED(
      FactName.HOLD_DOWN_GIVEN_KG,
      f -> below(f.get(FactName.HOLD_DOWN_GIVEN_KG), f.get(FactName.HOLD_DOWN_ASKED_KG))),
  CORE_OFF(
      FactName.CORE_OFFSET_MM,
      f -> above(f.get(FactName.CORE_OFFSET_MM), f.get(FactName.CORE_OFFSET_ALLOWED_MM))),
  OUT_EARLY(null, f -> below(f.get(FactName.AGE_AT_DEMOULD_H), f.get(FactName.DEMOULD_AGE_H))),
  OUT_LATE(null, f -> above(f.get(FactName.AGE_AT_DEMOULD_H), f.get(FactName.GREEN_UNTIL_AGE_H))),
  DRIED_FAST(null, f -> no(f.get(FactName.KEPT_WET)).or(above(f.get(FactName.HOTTEST_C), 32))),
  FROST(null, f -> below(f.get(FactName.COLDEST_C), 0)),
  TAPPED_LATE(
      FactName.TAPPED_UNTIL_MIN,
      f -> above(f.get(FactName.TAPPED_UNTIL_MIN), f.get(FactName.WORKING_MIN))),
  NO_FIBRE(null, f -> no(f.get(FactName.FIBRE))),
  SHARP_CORNER(FactName.SHARP_CORNER, f -> yes(f.get(FactName.SHARP_CORNER))),
  SECOND_MIX_LATE(
      null,
      f ->
          above(f.get(FactName.FILLED_AFTER_MIN), f.get(FactName.WORKING_MIN))
              .or(above(f.get(FactName.BATCHES), 1))),
  /** Two percent is the width of a bench scale and a hand. */
  PIGMENT_OFF(null, f -> above(Math.abs(f.get(FactName.PIGMENT_OFF_PERCENT)), 2)),
  WATER_OFF(null, f -> above(Math.abs(f.get(FactName.WATER_PERCENT) - 100), 3)),
  PART_BOTTLE(FactName.PART_BOTTLE, f -> yes(f.get(FactName.PART_BOTTLE))),
  SLIME(null, f -> f.get(FactName.BATHED) == 0 ? no(1) : no(f.get(FactName.RINSED))),
  UNDER_DRIED(null, f -> below(f.get(FactName.DRIED_H), f.get(FactName.SEAL_AFTER_H))),
  COAT_SOON(null, f -> below(f.get(FactName.COAT_GAP_MIN), f.get(FactName.COAT_GAP_ASKED_MIN))),
  THICK_COAT(
      FactName.COAT_GRAMS_PER_M2,
      f -> above(f.get(FactName.COAT_GRAMS_PER_M2), 1.3 * f.get(FactName.COAT_GRAMS_ASKED_PER_M2))),
  NO_JACKET(null, f -> no(f.get(FactName.STIFF_OR_JACKETED))),
  MOULD_NOT_TARED(FactName.MOULD_TARED, f -> no(f.get(FactName.MOULD_TARED))),
  NO_RELEASE(FactName.RELEASED, f -> no(f.get(FactName.RELEASED))),
  NO_DRAFT(null, f -> yes(f.get(FactName.LOCKS))),
  TOO_MUCH_WATER(
      null, f -> above(f.get(FactName.WATER_PERCENT), f.get(FactName.WATER_MOST_PERCENT))),
  /** Under 40 °F (about 5 °C) it hardly hardens (ACI 306R). */
  COLD(null, f -> below(f.get(FactName.COLDEST_C), 5)),
  /** About three months after opening (common practice; docs/method/materials.md). */
  STALE_CEMENT(null, f -> above(f.get(FactName.CEMENT_AGE_DAYS), 90)),
  NOT_LEVEL(FactName.LEVEL_CHECKED, f -> no(f.get(FactName.LEVEL_CHECKED)));

  private final @Nullable FactName asks;
  private final Function<PieceFacts, Evidence> rule;

  Cause(@Nullable FactName asks, Function<PieceFacts, Evidence> rule) {
    this.asks = asks;
    this.rule = rule;
  }

  /** Returns what only a person can tell that bears on it; null where the records say it. */
  public @Nullable FactName asks() {
    return asks;
  }

  /** Returns what the facts say of it. */
  public Evidence in(PieceFacts facts) {
    return rule.apply(facts);
  }
}
