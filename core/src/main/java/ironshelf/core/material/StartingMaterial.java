package ironshelf.core.material;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.Findings;

/**
 * A material that the application ships with; the shop can change every value.
 *
 * @param code short name in lower case, unique
 * @param relativeDensity of the grain against water, over 0 and up to 25
 * @param bulkDensityKgM3 loose, as scooped, over 0 and up to 10 000
 * @param source where the values come from
 */
public record StartingMaterial(
    String code,
    String name,
    Role role,
    double relativeDensity,
    double bulkDensityKgM3,
    String source) {

  public StartingMaterial {
    requireNonNull(role, "role");
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .above("relativeDensity", relativeDensity, 0, 25)
        .above("bulkDensityKgM3", bulkDensityKgM3, 0, 10_000)
        .text("source", source, 200)
        .orRefuse();
  }
}
