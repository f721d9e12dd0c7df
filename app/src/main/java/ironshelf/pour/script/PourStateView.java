package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import ironshelf.core.quantity.Finding;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Where a pour stands, as it travels.
 *
 * @param clock of the batch at hand; null before it is wetted
 * @param fillingMin what filling took; null where nothing was filled
 * @param lost what was thrown away, each with its reason
 * @param findings what does not fit, each with what can be done
 */
public record PourStateView(
    PourState.Status status,
    PourState.Bowl bowl,
    List<PourState.BatchState> batches,
    List<PourState.CopyState> copies,
    List<PourState.Step> steps,
    PourState.@Nullable Clock clock,
    @Nullable Double fillingMin,
    List<PourState.Lost> lost,
    List<PourAdvice> findings) {

  /** What does not fit, and the facts that would mend it. */
  public record PourAdvice(FindingView finding, List<PourState.Remedy> remedies) {}

  /**
   * @param names of materials, by what the sheet calls them
   */
  static PourStateView of(PourState state, Catalogue catalogue, Map<String, String> names) {
    return new PourStateView(
        state.status(),
        state.bowl(),
        state.batches(),
        state.copies(),
        state.steps(),
        state.clock(),
        state.fillingMin(),
        state.lost(),
        state.advice().stream()
            .map(a -> new PourAdvice(catalogue.view(named(a.finding(), names)), a.remedies()))
            .toList());
  }

  /** Materials by their names, as people say them. */
  private static Finding named(Finding finding, Map<String, String> names) {
    Object material = finding.params().get("material");
    if (material == null || !names.containsKey(material)) {
      return finding;
    }
    Map<String, Object> params = new LinkedHashMap<>(finding.params());
    params.put("material", names.get(material));
    return new Finding(finding.code(), finding.field(), params);
  }

  /** As it is said where names of materials are what the sheet calls them. */
  public static PourStateView of(PourState state, Catalogue catalogue) {
    return of(state, catalogue, Map.of());
  }
}
