package ironshelf.core.assembly;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Goods that name each other as parts. Refused: a part that is not among them, one that is part of
 * itself, parts within parts more than {@link #MOST_LEVELS} levels deep, and more than {@link
 * #MOST_USES} places where a part goes into another.
 */
public final class Goods {

  /** A piece, its parts, their parts, and theirs. */
  public static final int MOST_LEVELS = 4;

  /** Places where a part goes into another, each place of it counted. */
  public static final int MOST_USES = 10_000;

  private final Map<String, Good> byName;
  private final Map<String, Long> uses = new HashMap<>();

  public Goods(List<Good> goods) {
    Findings findings = new Findings().list("goods", goods, 500);
    Map<String, Good> all = new LinkedHashMap<>();
    if (goods != null) {
      for (int i = 0; i < goods.size(); i++) {
        Good good = goods.get(i);
        findings.addIf(
            good != null && all.put(good.name(), good) != null,
            FindingCode.PARTS_NAME_TWICE,
            "goods." + i + ".name",
            Map.of("value", good == null ? "" : good.name()));
      }
    }
    findings.orRefuse();
    this.byName = Collections.unmodifiableMap(all);
    for (Good good : byName.values()) {
      refuse(good.name(), new LinkedHashSet<>(), findings);
    }
    findings.orRefuse();
    for (Good good : byName.values()) {
      findings.addIf(
          uses(good) > MOST_USES,
          FindingCode.PARTS_MANY,
          "goods." + good.name(),
          Map.of("value", good.name(), "most", MOST_USES));
    }
    findings.orRefuse();
  }

  private long uses(Good good) {
    Long known = uses.get(good.name());
    if (known == null) {
      known =
          good.joins().stream()
              .flatMap(join -> join.parts().stream())
              .mapToLong(part -> 1 + uses(byName.get(part.good())))
              .sum();
      uses.put(good.name(), known);
    }
    return known;
  }

  private void refuse(String name, Set<String> above, Findings findings) {
    Good good = byName.get(name);
    String way = String.join(" > ", above) + (above.isEmpty() ? "" : " > ") + name;
    if (good == null || above.contains(name) || above.size() >= MOST_LEVELS) {
      findings.addIf(
          true,
          good == null
              ? FindingCode.PARTS_UNKNOWN
              : above.contains(name) ? FindingCode.PARTS_CIRCLE : FindingCode.PARTS_DEPTH,
          "goods." + above.iterator().next(),
          Map.of("value", name, "way", way, "most", MOST_LEVELS));
      return;
    }
    above.add(name);
    for (Join join : good.joins()) {
      for (Part part : join.parts()) {
        refuse(part.good(), above, findings);
      }
    }
    above.remove(name);
  }

  /**
   * Returns a good by its name.
   *
   * @throws ironshelf.core.quantity.RefusedException where there is none
   */
  public Good of(String name) {
    new Findings()
        .addIf(
            !byName.containsKey(name),
            FindingCode.PARTS_UNKNOWN,
            "wanted",
            Map.of("value", String.valueOf(name), "way", String.valueOf(name)))
        .orRefuse();
    return byName.get(name);
  }

  /** Returns a good and all that it is made of, each before its own parts. */
  List<Good> under(String name) {
    Set<String> after = new LinkedHashSet<>();
    visit(name, after);
    List<String> order = new ArrayList<>(after);
    Collections.reverse(order);
    return order.stream().map(byName::get).toList();
  }

  private void visit(String name, Set<String> after) {
    if (after.contains(name)) {
      return;
    }
    byName
        .get(name)
        .joins()
        .forEach(join -> join.parts().forEach(part -> visit(part.good(), after)));
    after.add(name);
  }
}
