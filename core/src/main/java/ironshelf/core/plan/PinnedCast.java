package ironshelf.core.plan;

import ironshelf.core.quantity.Findings;
import java.time.LocalDateTime;

/**
 * A cast whose place somebody chose. The plan keeps it there, or reports why it cannot.
 *
 * @param copy of the product's mould, from 1
 */
public record PinnedCast(String order, String product, int copy, LocalDateTime pourAt) {
  public PinnedCast {
    new Findings()
        .text("order", order, 80)
        .text("product", product, 80)
        .within("copy", copy, 1, 1_000)
        .present("pourAt", pourAt)
        .orRefuse();
  }
}
