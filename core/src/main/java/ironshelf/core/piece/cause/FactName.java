package ironshelf.core.piece.cause;

/** What may be known of a piece. What is yes or no counts as 1 or 0. */
public enum FactName {
  /** Equivalent age when it came out, and what its mix wants. */
  AGE_AT_DEMOULD_H,
  DEMOULD_AGE_H,
  GREEN_UNTIL_AGE_H,
  /** Water that went in, as percent of the target; the window round it. */
  WATER_PERCENT,
  WATER_LEAST_PERCENT,
  WATER_MOST_PERCENT,
  HOLD_DOWN_GIVEN_KG,
  HOLD_DOWN_ASKED_KG,
  CORE_OFFSET_MM,
  CORE_OFFSET_ALLOWED_MM,
  /** Minutes from wetting to the last copy filled, and how long it flowed. */
  FILLED_AFTER_MIN,
  WORKING_MIN,
  TAPPED_MIN,
  /** Minutes from wetting to the end of tapping. */
  TAPPED_UNTIL_MIN,
  LIP_IN_ONE_GO,
  RELEASE_POOLED,
  RELEASED,
  GRAIN_MM,
  GRAIN_ALLOWED_MM,
  COLDEST_C,
  HOTTEST_C,
  KEPT_WET,
  FIBRE,
  SHARP_CORNER,
  BATCHES,
  PIGMENT_OFF_PERCENT,
  PART_BOTTLE,
  BATHED,
  RINSED,
  DRIED_H,
  SEAL_AFTER_H,
  COAT_GAP_MIN,
  COAT_GAP_ASKED_MIN,
  COAT_GRAMS_PER_M2,
  COAT_GRAMS_ASKED_PER_M2,
  STIFF_OR_JACKETED,
  LOCKS,
  CEMENT_AGE_DAYS,
  LEVEL_CHECKED,
  MOULD_TARED
}
