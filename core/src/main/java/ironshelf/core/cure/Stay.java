package ironshelf.core.cure;

import ironshelf.core.quantity.Findings;
import java.time.Instant;

/** Where a casting stands from a moment on. */
public record Stay(String place, Instant since) {
  public Stay {
    new Findings().text("place", place, 40).present("since", since).orRefuse();
  }
}
