package ironshelf.core.cure.binder;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * How fast a class of mix goes, as shipped; a recipe may say otherwise.
 *
 * @param demouldAgeH equivalent age at 20 °C, over 0
 * @param greenUntilAgeH null where it has no window
 * @param sealAfterH drying before sealing
 */
public record BinderClass(
    String code,
    String name,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    double sealAfterH,
    StrengthCurve curve,
    String source) {

  public BinderClass {
    requireNonNull(curve, "curve");
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .above("demouldAgeH", demouldAgeH, 0, 10_000)
        .within("sealAfterH", sealAfterH, 0, 10_000)
        .text("source", source, 200)
        .orRefuse();
  }
}
