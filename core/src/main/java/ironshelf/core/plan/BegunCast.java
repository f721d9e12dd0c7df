package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Pieces of a cast that has begun. The plan does not move them, and books what they still need.
 *
 * @param name by which the plan tells when they are ready
 * @param mould that they stand in; null once they are out
 * @param copy of it, from 1; 0 once they are out (0)
 * @param pieces that take room, 1 to 10 000
 * @param rest the remaining steps, the first with what is left of its wait; may be empty
 * @param feeds the joining steps that take these pieces as parts, up to 2 000; null: none
 */
public record BegunCast(
    String name,
    @Nullable String mould,
    @WhenMissing("0") int copy,
    int pieces,
    @Nullable List<PlanStep> rest,
    @Nullable List<Feed> feeds) {

  public BegunCast {
    rest = rest == null ? List.of() : List.copyOf(rest);
    feeds = feeds == null ? List.of() : List.copyOf(feeds);
    new Findings()
        .text("name", name, 80)
        .within("copy", copy, mould == null ? 0 : 1, mould == null ? 0 : 1_000)
        .within("pieces", pieces, 1, 10_000)
        .within("feeds.length", feeds.size(), 0, 2_000)
        .orRefuse();
  }

  /** Returns the same cast as parts for others. */
  public BegunCast feeding(List<Feed> others) {
    return new BegunCast(name, mould, copy, pieces, rest, others);
  }
}
