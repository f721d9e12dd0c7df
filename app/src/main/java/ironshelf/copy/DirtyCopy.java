package ironshelf.copy;

import java.time.Instant;

/**
 * A copy that stands dirty: emptied, in use, and not washed since.
 *
 * @param since when it was emptied
 */
public record DirtyCopy(long id, String code, long mouldId, Instant since) {

  /** Of a person's time to wash one, in minutes (common practice: warm soapy water, at once). */
  public static final double WASH_MIN = 2;
}
