package ironshelf.order;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How far a line is; follows from its pieces, never set by hand. */
public enum LineStage {
  /** Nothing poured yet. */
  @JsonProperty("open")
  OPEN,
  /** Some poured, some still to pour. */
  @JsonProperty("pouring")
  POURING,
  /** All poured, not all dry. */
  @JsonProperty("curing")
  CURING,
  /** All dry. */
  @JsonProperty("dry")
  DRY
}
