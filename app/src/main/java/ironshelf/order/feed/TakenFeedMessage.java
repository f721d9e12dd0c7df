package ironshelf.order.feed;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A message that was taken. */
@Entity
@Table(name = "feed_messages")
class TakenFeedMessage implements org.springframework.data.domain.Persistable<String> {

  @Id private String messageId;
  private String feedOrder;
  private int revision;

  @Enumerated(EnumType.STRING)
  private FeedOutcome outcome;

  private Instant takenAt;

  protected TakenFeedMessage() {}

  TakenFeedMessage(FeedMessage message, FeedOutcome outcome, Instant takenAt) {
    this.messageId = message.messageId();
    this.feedOrder = message.order();
    this.revision = message.revision();
    this.outcome = outcome;
    this.takenAt = takenAt;
  }

  @Override
  public String getId() {
    return messageId;
  }

  /** Never changed: a message of that id a second time must collide. */
  @Override
  public boolean isNew() {
    return true;
  }
}
