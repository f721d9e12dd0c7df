package ironshelf.core.next;

import ironshelf.core.quantity.Findings;
import java.time.Instant;

/**
 * Something that one person does in one go.
 *
 * @param at when it can be begun
 * @param minutes of the person's time, 0 to 10 000 000 000
 * @param late whether the time is past in which it is easy
 * @param what it is, which is passed on as it came
 */
public record Task<T>(Instant at, double minutes, boolean late, T what) {

  private static final double MOST_MIN = 1e7;

  public Task {
    new Findings().within("minutes", minutes, 0, MOST_MIN).orRefuse();
  }
}
