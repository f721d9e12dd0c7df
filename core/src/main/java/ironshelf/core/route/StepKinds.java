package ironshelf.core.route;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.quantity.ShippedTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The kinds of step that a shop knows: those that ship, from {@code step-kinds.csv} beside this
 * class, and its own.
 */
public final class StepKinds {

  private static final StepKinds SHIPPED = new StepKinds(read());

  private final Map<String, StepKind> byCode;

  private StepKinds(Collection<StepKind> kinds) {
    Map<String, StepKind> all = new LinkedHashMap<>();
    kinds.forEach(k -> all.putIfAbsent(k.code(), k));
    this.byCode = Collections.unmodifiableMap(all);
  }

  /** Those that ship. */
  public static StepKinds shipped() {
    return SHIPPED;
  }

  /** These and a shop's own; where a code is known already, what is known stays. */
  public StepKinds with(Collection<StepKind> own) {
    List<StepKind> all = new ArrayList<>(byCode.values());
    all.addAll(own);
    return new StepKinds(all);
  }

  public Collection<StepKind> all() {
    return byCode.values();
  }

  public boolean knows(@Nullable String code) {
    return byCode.containsKey(code);
  }

  /**
   * Returns a kind by its code.
   *
   * @throws RefusedException where there is none
   */
  public StepKind of(@Nullable String code) {
    StepKind known = byCode.get(code);
    if (known == null) {
      Map<String, Object> params =
          Map.of("value", String.valueOf(code), "wanted", String.join(", ", byCode.keySet()));
      throw new RefusedException(new Finding(FindingCode.STEP_KIND_UNKNOWN, "step", params));
    }
    return known;
  }

  private static List<StepKind> read() {
    return ShippedTable.rows(StepKinds.class, "step-kinds.csv", StepKinds::kind);
  }

  private static StepKind kind(CSVRecord row) {
    String wetting = row.get("wetting");
    return new StepKind(
        row.get("code"),
        row.get("todo"),
        row.get("done"),
        row.get("by").equals("time"),
        effects(row.get("effects")),
        wetting.isEmpty() ? null : Wetting.valueOf(upper(wetting)));
  }

  private static Set<Effect> effects(String words) {
    return Arrays.stream(words.split(",", -1))
        .map(String::strip)
        .filter(word -> !word.isEmpty())
        .map(word -> Effect.valueOf(upper(word)))
        .collect(Collectors.toSet());
  }

  private static String upper(String word) {
    return word.toUpperCase(Locale.ROOT).replace(' ', '_');
  }
}
