package ironshelf.core.assembly;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;

/**
 * A step of a good's route that takes parts.
 *
 * @param stepNo of its route, from 0
 * @param mixKg of mix that joining takes for each piece, 0 to 5 000 (0)
 */
public record Join(int stepNo, List<Part> parts, @WhenMissing("0") double mixKg) {
  public Join {
    mixKg = Double.isNaN(mixKg) ? 0 : mixKg;
    new Findings()
        .within("stepNo", stepNo, 1, 100)
        .list("parts", parts, 50)
        .within("mixKg", mixKg, 0, Findings.MAX_MASS_KG)
        .orRefuse();
    parts = List.copyOf(parts);
  }
}
