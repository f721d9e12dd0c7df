package ironshelf.core.order;

import ironshelf.core.quantity.Findings;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A piece that could go to a line.
 *
 * @param batch it was poured in; pieces of one batch are of one shade
 * @param readyAt when it is ready, or was
 * @param massKg null where it was not weighed
 */
public record Candidate(long piece, long batch, Instant readyAt, @Nullable Double massKg) {
  public Candidate {
    Findings findings = new Findings().present("readyAt", readyAt);
    if (massKg != null) {
      findings.above("massKg", massKg, 0, Findings.MAX_MASS_KG);
    }
    findings.orRefuse();
  }
}
