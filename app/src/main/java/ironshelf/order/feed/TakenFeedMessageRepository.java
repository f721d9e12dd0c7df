package ironshelf.order.feed;

import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TakenFeedMessageRepository extends JpaRepository<TakenFeedMessage, String> {
  @Query("select max(m.revision) from TakenFeedMessage m where m.feedOrder = :order")
  @Nullable Integer latestRevision(String order);
}
