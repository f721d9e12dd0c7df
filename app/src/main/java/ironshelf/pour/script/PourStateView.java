package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a pour stands, as it travels.
 *
 * @param clock of the batch at hand; null before it is wetted
 * @param fillingMin what filling took; null where nothing was filled
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
    List<PourAdvice> findings) {

  /** What does not fit, and the facts that would mend it. */
  public record PourAdvice(FindingView finding, List<PourState.Remedy> remedies) {}

  public static PourStateView of(PourState state, Catalogue catalogue) {
    return new PourStateView(
        state.status(),
        state.bowl(),
        state.batches(),
        state.copies(),
        state.steps(),
        state.clock(),
        state.fillingMin(),
        state.advice().stream()
            .map(a -> new PourAdvice(catalogue.view(a.finding()), a.remedies()))
            .toList());
  }
}
