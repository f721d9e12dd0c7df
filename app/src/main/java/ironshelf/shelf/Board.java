package ironshelf.shelf;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The boards of the shelf, in the order in which pieces pass them. */
public enum Board {
  @JsonProperty("mould")
  MOULD,
  @JsonProperty("drying")
  DRYING,
  @JsonProperty("dry")
  DRY
}
