package ironshelf.plan.basis;

import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.piece.PieceView;
import ironshelf.plan.basis.PlanFacts.Wanted;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Pieces that nobody has and that could become parts: ready ones first, then those on their way.
 * Each is given once.
 */
final class SpareParts {

  private final Function<Wanted, List<PieceView>> free;
  private final Map<Long, String> begunName;
  private final Map<Wanted, List<PieceView>> left = new HashMap<>();
  private final Map<String, Set<Feed>> feeds = new LinkedHashMap<>();

  private Map<Wanted, List<PieceView>> markedLeft = Map.of();
  private Map<String, Set<Feed>> markedFeeds = Map.of();

  /**
   * @param free the sound pieces of a product in a colourway that nobody has
   * @param begunName of those that are not ready, what the plan calls that which they are in
   */
  SpareParts(Function<Wanted, List<PieceView>> free, Map<Long, String> begunName) {
    this.free = free;
    this.begunName = begunName;
  }

  /** Takes as many as there are; gives how many are lacking. */
  int take(Wanted part, int wanted, Feed into) {
    List<PieceView> own = left.computeIfAbsent(part, this::inOrder);
    int taken = Math.min(wanted, own.size());
    for (PieceView piece : own.subList(0, taken)) {
      @Nullable String begun = piece.readyAt() == null ? begunName.get(piece.id()) : null;
      if (begun != null) {
        feed(begun, into);
      }
    }
    left.put(part, own.subList(taken, own.size()));
    return wanted - taken;
  }

  private List<PieceView> inOrder(Wanted part) {
    return free.apply(part).stream()
        .filter(p -> p.readyAt() != null || begunName.containsKey(p.id()))
        .sorted(
            Comparator.comparing((PieceView p) -> p.readyAt() == null)
                .thenComparing(p -> p.demouldedAt() == null)
                .thenComparing(PieceView::id))
        .toList();
  }

  /** That something which has begun goes into another. */
  void feed(String begun, Feed into) {
    feeds.computeIfAbsent(begun, b -> new LinkedHashSet<>()).add(into);
  }

  /** What that which has begun feeds, by its name. */
  List<Feed> feedsOf(String begun) {
    return List.copyOf(feeds.getOrDefault(begun, Set.of()));
  }

  /** Remembers what is left, so that a whole which cannot be had takes nothing. */
  void mark() {
    markedLeft = new HashMap<>(left);
    markedFeeds = new LinkedHashMap<>();
    feeds.forEach((name, own) -> markedFeeds.put(name, new LinkedHashSet<>(own)));
  }

  void backToMark() {
    left.clear();
    left.putAll(markedLeft);
    feeds.clear();
    feeds.putAll(markedFeeds);
  }
}
