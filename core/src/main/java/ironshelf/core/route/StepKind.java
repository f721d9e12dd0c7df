package ironshelf.core.route;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A kind of step: what it is called and what it does to a piece (docs/method/routes.md).
 *
 * @param code lower case, as {@code press-in}, 1 to 40 letters
 * @param todo the word for doing it, as {@code seal}
 * @param done the word for its being done, as {@code sealed}
 * @param waits whether time does it; otherwise a person does
 * @param effects what rules go by
 * @param wetting how it keeps the piece wet; null where it does not, or where each step says so
 */
public record StepKind(
    String code,
    String todo,
    String done,
    boolean waits,
    Set<Effect> effects,
    @Nullable Wetting wetting) {

  private static final Pattern CODE = Pattern.compile("[a-z][a-z0-9-]{0,39}");

  public StepKind {
    Findings findings =
        new Findings().text("code", code, 40).text("todo", todo, 30).text("done", done, 30);
    findings.addIf(
        code != null && !code.isBlank() && !CODE.matcher(code).matches(),
        FindingCode.STEP_KIND_CODE,
        "code",
        Map.of("value", String.valueOf(code)));
    effects = effects == null ? Set.of() : Set.copyOf(effects);
    findings
        .addIf(
            waits && (effects.contains(Effect.GRADES) || effects.contains(Effect.ENDS)),
            FindingCode.STEP_KIND_WAITS,
            "waits",
            Map.of("value", String.valueOf(todo)))
        .addIf(
            effects.contains(Effect.COATS) && effects.contains(Effect.WETS),
            FindingCode.STEP_KIND_WET_COAT,
            "effects",
            Map.of("value", String.valueOf(todo)))
        .orRefuse();
  }

  public boolean has(Effect effect) {
    return effects.contains(effect);
  }
}
