package ironshelf.inspect;

import ironshelf.core.piece.cause.Defect;
import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * A defect and where it is on the piece's section.
 *
 * @param x across the piece, from -1 to 1 with 0 in the middle; null where it was not pointed at
 * @param y up the piece, from 0 at its foot to 1 at its rim; likewise
 */
public record SeenDefect(Defect defect, @Nullable Double x, @Nullable Double y) {
  public SeenDefect {
    Findings findings = new Findings().present("defect", defect);
    if (x != null) {
      findings.within("x", x, -1, 1);
    }
    if (y != null) {
      findings.within("y", y, 0, 1);
    }
    findings.orRefuse();
  }
}
