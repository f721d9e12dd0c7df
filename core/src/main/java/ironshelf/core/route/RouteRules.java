package ironshelf.core.route;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What no route may do, each with its reason, by the effects of its steps (docs/method/routes.md).
 */
final class RouteRules {

  private static final Set<Effect> WET_AGAIN = EnumSet.of(Effect.WETS, Effect.WASHES, Effect.POURS);

  /** What wants faces that are free. */
  private static final Set<Effect> OUT_ONLY =
      EnumSet.of(Effect.COATS, Effect.JOINS, Effect.GRADES, Effect.ENDS);

  private RouteRules() {}

  /** Returns what is no route at all: it does not start with a pour, or a step lacks its wait. */
  static Findings shape(List<RouteStep> steps, StepKinds kinds) {
    Findings findings = new Findings();
    for (int i = 0; i < steps.size(); i++) {
      RouteStep step = steps.get(i);
      String at = "steps." + i;
      if (!kinds.knows(step.step())) {
        findings.addIf(
            true,
            FindingCode.STEP_KIND_UNKNOWN,
            at + ".step",
            Map.of("value", step.step(), "wanted", codes(kinds)));
        continue;
      }
      StepKind kind = kinds.of(step.step());
      boolean ownAge = kind.has(Effect.SETS) || kind.has(Effect.DRIES);
      findings
          .addIf(
              kind.waits() && !ownAge && step.waitH() == null,
              FindingCode.VALUE_MISSING,
              at + ".waitH",
              Map.of())
          .addIf(
              !kind.waits() && step.waitH() != null,
              FindingCode.ROUTE_WAIT_ATTENDED,
              at + ".waitH",
              Map.of("value", kind.todo()))
          .addIf(
              !kind.has(Effect.JOINS) && (step.parts() != null || step.mixKg() != null),
              FindingCode.PARTS_NO_JOIN,
              at + ".parts",
              Map.of("value", i + 1))
          .addIf(
              step.materials() != null && (kind.waits() || kind.has(Effect.POURS)),
              FindingCode.ROUTE_MATERIALS_WAIT,
              at + ".materials",
              Map.of("value", kind.todo()));
    }
    if (!findings.isEmpty()) {
      return findings;
    }
    int set = indexOf(steps, kinds, k -> k.has(Effect.SETS));
    int out = indexOf(steps, kinds, k -> k.has(Effect.FREES_MOULD));
    return findings
        .addIf(
            !kinds.of(steps.get(0).step()).has(Effect.POURS),
            FindingCode.ROUTE_START,
            "steps.0.step",
            Map.of("value", kinds.of(steps.get(0).step()).todo(), "wanted", "pour"))
        .addIf(
            set < 0 || out < set,
            FindingCode.ROUTE_START,
            out < 0 ? "steps" : "steps." + out + ".step",
            Map.of(
                "value",
                out < 0 ? steps.size() : kinds.of(steps.get(out).step()).todo(),
                "wanted",
                set < 0 ? "set" : "take out"));
  }

  private static String codes(StepKinds kinds) {
    return String.join(", ", kinds.all().stream().map(StepKind::code).toList());
  }

  private static int indexOf(List<RouteStep> steps, StepKinds kinds, Predicate<StepKind> wanted) {
    for (int i = 0; i < steps.size(); i++) {
      if (wanted.test(kinds.of(steps.get(i).step()))) {
        return i;
      }
    }
    return -1;
  }

  /** Returns what harms the piece, or cannot be done at that place of a route. */
  static Findings harm(Route route) {
    Findings findings = new Findings();
    Set<Effect> before = EnumSet.noneOf(Effect.class);
    boolean poured = false;
    boolean set = false;
    boolean slimy = false;
    boolean dry = false;
    for (int i = 0; i < route.steps().size(); i++) {
      StepKind kind = route.kind(i);
      String field = "steps." + i + ".step";
      Map<String, Object> named = Map.of("value", kind.todo());
      boolean inMould = poured;
      // The reason that says most comes first: one is kept for each field.
      findings
          .addIf(
              inMould && kind.has(Effect.COATS), FindingCode.ROUTE_SEAL_IN_MOULD, field, Map.of())
          .addIf(
              inMould && kind.effects().stream().anyMatch(OUT_ONLY::contains),
              FindingCode.ROUTE_IN_MOULD,
              field,
              named)
          .addIf(before.contains(Effect.ENDS), FindingCode.ROUTE_AFTER_PACK, field, named)
          .addIf(
              (kind.has(Effect.POURS) && poured)
                  || (kind.has(Effect.SETS) && (set || !poured))
                  || (kind.has(Effect.FREES_MOULD) && !poured),
              FindingCode.ROUTE_TWICE,
              field,
              named)
          .addIf(
              kind.has(Effect.FREES_MOULD) && poured && !set,
              FindingCode.ROUTE_NOT_SET,
              field,
              named)
          .addIf(
              kind.has(Effect.POURS) && before.contains(Effect.COATS),
              FindingCode.ROUTE_POUR_SEALED,
              field,
              named)
          .addIf(
              kind.has(Effect.CUTS)
                  && kind.has(Effect.WHILE_GREEN)
                  && before.contains(Effect.COATS),
              FindingCode.ROUTE_TRIM_SEALED,
              field,
              named)
          .addIf(
              kind.has(Effect.WETS) && before.contains(Effect.COATS),
              FindingCode.ROUTE_BATH_SEALED,
              field,
              named)
          .addIf(kind.has(Effect.COATS) && slimy, FindingCode.ROUTE_SEAL_SLIMY, field, named)
          .addIf(kind.has(Effect.COATS) && !dry, FindingCode.ROUTE_SEAL_WET, field, named);
      poured = kind.has(Effect.POURS) || (poured && !kind.has(Effect.FREES_MOULD));
      set = poured && (set || kind.has(Effect.SETS)) && !kind.has(Effect.POURS);
      slimy = route.wetting(i) == Wetting.UNDER_WATER || (slimy && !kind.has(Effect.WASHES));
      dry =
          kind.has(Effect.DRIES) || (dry && !kind.effects().stream().anyMatch(WET_AGAIN::contains));
      before.addAll(kind.effects());
    }
    int last = route.steps().size() - 1;
    return findings
        .addIf(
            last > route.demouldNo() && route.kind(last).waits(),
            FindingCode.ROUTE_ENDS_WAITING,
            "steps." + last + ".step",
            Map.of("value", route.kind(last).todo()))
        .addIf(poured, FindingCode.ROUTE_KEPT_IN, "steps." + last + ".step", Map.of());
  }
}
