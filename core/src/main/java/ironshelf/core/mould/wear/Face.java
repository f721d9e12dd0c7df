package ironshelf.core.mould.wear;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * A face that mix touches: the cavity's wall, a core, an insert, a first pour.
 *
 * @param mustBond whether the mix must hold to it: then no release agent touches it
 * @param release null where none goes on
 */
public record Face(String name, boolean mustBond, @Nullable String release) {

  public Face {
    Findings findings = new Findings().text("name", name, 60);
    if (release != null) {
      findings.text("release", release, 60);
    }
    findings.orRefuse();
  }
}
