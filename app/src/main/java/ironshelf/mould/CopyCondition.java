package ironshelf.mould;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What state a copy is in; only a good one is filled. */
public enum CopyCondition {
  @JsonProperty("good")
  GOOD,
  @JsonProperty("mend")
  MEND,
  @JsonProperty("retired")
  RETIRED
}
