package ironshelf.core.pour.script;

import ironshelf.core.quantity.Findings;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One thing that happened at a bench. Facts are only ever added; what was wrong is taken back by
 * another fact.
 *
 * @param key made where it was noted, up to 64 characters; the same key is the same fact
 * @param at when
 * @param bench where; null where that is not known
 * @param person who; null where that is not known
 */
public record PourFact(
    String key,
    @Nullable Instant at,
    @Nullable String bench,
    @Nullable String person,
    @Nullable What what) {

  public PourFact {
    new Findings().text("key", key, 64).present("at", at).present("what", what).orRefuse();
  }

  /** Keys of the facts that were taken back. */
  static Set<String> takenBack(List<PourFact> facts) {
    return facts.stream()
        .map(PourFact::what)
        .filter(What.TakenBack.class::isInstance)
        .map(w -> ((What.TakenBack) w).fact())
        .collect(Collectors.toSet());
  }

  /** Whether a fact counts: it was not taken back, and does not take another back. */
  static boolean stands(PourFact fact, Set<String> takenBack) {
    return !(fact.what() instanceof What.TakenBack) && !takenBack.contains(fact.key());
  }
}
