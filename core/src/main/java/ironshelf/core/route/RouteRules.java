package ironshelf.core.route;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What no route may do, each with its reason (handbook 1-E and 1-F). */
final class RouteRules {

  private static final List<StepKind> START =
      List.of(StepKind.POUR, StepKind.SET, StepKind.DEMOULD);

  private static final Set<StepKind> ONCE =
      EnumSet.of(StepKind.POUR, StepKind.SET, StepKind.DEMOULD, StepKind.TRIM, StepKind.PACK);

  private static final Set<StepKind> OWN_WAIT = EnumSet.of(StepKind.BATH, StepKind.REST);

  private RouteRules() {}

  static Findings of(List<RouteStep> steps) {
    Findings findings = new Findings();
    Set<StepKind> before = EnumSet.noneOf(StepKind.class);
    boolean slimy = false;
    for (int i = 0; i < steps.size(); i++) {
      StepKind kind = steps.get(i).step();
      String field = "steps." + i + ".step";
      // The reason that says most comes first: one is kept for each field.
      findings
          .addIf(
              kind == StepKind.SEAL && !before.contains(StepKind.DEMOULD),
              FindingCode.ROUTE_SEAL_IN_MOULD,
              field,
              Map.of())
          .addIf(
              i < START.size() && kind != START.get(i),
              FindingCode.ROUTE_START,
              field,
              Map.of("value", word(kind), "wanted", word(START.get(Math.min(i, START.size() - 1)))))
          .addIf(
              ONCE.contains(kind) && before.contains(kind),
              FindingCode.ROUTE_TWICE,
              field,
              Map.of("value", word(kind)))
          .addIf(
              before.contains(StepKind.PACK),
              FindingCode.ROUTE_AFTER_PACK,
              field,
              Map.of("value", word(kind)))
          .addIf(
              kind == StepKind.TRIM && before.contains(StepKind.SEAL),
              FindingCode.ROUTE_TRIM_SEALED,
              field,
              Map.of())
          .addIf(
              kind == StepKind.BATH && before.contains(StepKind.SEAL),
              FindingCode.ROUTE_BATH_SEALED,
              field,
              Map.of())
          .addIf(kind == StepKind.SEAL && slimy, FindingCode.ROUTE_SEAL_SLIMY, field, Map.of())
          .addIf(
              kind == StepKind.SEAL && !before.contains(StepKind.DRY),
              FindingCode.ROUTE_SEAL_WET,
              field,
              Map.of())
          .addIf(
              OWN_WAIT.contains(kind) && steps.get(i).waitH() == null,
              FindingCode.VALUE_MISSING,
              "steps." + i + ".waitH",
              Map.of())
          .addIf(
              !kind.isWait() && steps.get(i).waitH() != null,
              FindingCode.ROUTE_WAIT_ATTENDED,
              "steps." + i + ".waitH",
              Map.of("value", word(kind)));
      slimy =
          (kind == StepKind.BATH && steps.get(i).wetting() == Wetting.UNDER_WATER)
              || (slimy && kind != StepKind.RINSE);
      before.add(kind);
    }
    int last = steps.size() - 1;
    return findings
        .addIf(
            last < START.size() - 1,
            FindingCode.ROUTE_START,
            "steps",
            Map.of("value", steps.size(), "wanted", "demould"))
        .addIf(
            last >= START.size() && steps.get(last).step().isWait(),
            FindingCode.ROUTE_ENDS_WAITING,
            "steps." + last + ".step",
            Map.of("value", word(steps.get(last).step())));
  }

  static String word(StepKind kind) {
    return kind.name().toLowerCase(Locale.ROOT);
  }
}
