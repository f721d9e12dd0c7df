package ironshelf.order.feed;

import ironshelf.core.quantity.Findings;
import ironshelf.http.RecordReader;
import ironshelf.standin.ShopFeed;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

@RestController
class FeedController {

  /** Messages of a feed, at most 500. */
  record FeedMessages(List<FeedMessage> messages) {
    FeedMessages {
      new Findings()
          .within("messages.length", messages == null ? 0 : messages.size(), 0, 500)
          .orRefuse();
      messages = messages == null ? List.of() : List.copyOf(messages);
    }
  }

  private final FeedService service;
  private final ShopFeed feed;
  private final RecordReader records;
  private final JsonMapper json;

  FeedController(FeedService service, ShopFeed feed, RecordReader records, JsonMapper json) {
    this.service = service;
    this.feed = feed;
    this.records = records;
    this.json = json;
  }

  /** Takes what a shop sends. */
  @PostMapping("/api/shop-feed/messages")
  FeedView take(@RequestBody FeedMessages messages) {
    return service.take(messages.messages());
  }

  /** Asks the shop for what is new, and takes it. */
  @PostMapping("/api/shop-feed/fetched")
  FeedView fetch() {
    return service.take(records.read(json.readTree(feed.fetch()), FeedMessages.class).messages());
  }
}
