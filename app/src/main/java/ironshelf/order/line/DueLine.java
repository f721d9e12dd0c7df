package ironshelf.order.line;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A line that was to be sent by a day.
 *
 * @param wanted pieces, those paid back taken off
 * @param sent of them
 * @param lastSentAt when the last one went; null where none did
 */
public record DueLine(LocalDate due, int wanted, long sent, @Nullable Instant lastSentAt) {

  /** When all of it had gone; null where something is still to go. */
  public @Nullable Instant goneAt() {
    return sent >= wanted ? lastSentAt : null;
  }
}
