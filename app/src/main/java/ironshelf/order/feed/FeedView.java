package ironshelf.order.feed;

import ironshelf.http.problem.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What became of the messages of a feed. */
public record FeedView(List<TakenMessage> messages) {

  /**
   * One message.
   *
   * @param orderId null where nothing was placed or changed
   * @param errors empty unless it was refused
   */
  public record TakenMessage(
      String messageId,
      String order,
      FeedOutcome outcome,
      @Nullable Long orderId,
      List<FindingView> errors) {}
}
