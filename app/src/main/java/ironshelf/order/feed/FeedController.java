package ironshelf.order.feed;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.http.json.RecordReader;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import ironshelf.http.problem.ProblemException;
import ironshelf.standin.ShopFeed;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@RestController
class FeedController {

  private static final int MOST_MESSAGES = 500;

  /** Messages of a feed, at most 500. */
  record FeedMessages(List<FeedMessage> messages) {}

  private final FeedService service;
  private final ShopFeed feed;
  private final RecordReader records;
  private final JsonMapper json;
  private final Catalogue catalogue;

  FeedController(
      FeedService service,
      ShopFeed feed,
      RecordReader records,
      JsonMapper json,
      Catalogue catalogue) {
    this.service = service;
    this.feed = feed;
    this.records = records;
    this.json = json;
    this.catalogue = catalogue;
  }

  /** Takes what a shop sends, each message by itself: a bad one does not keep the others out. */
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      content = @Content(schema = @Schema(implementation = FeedMessages.class)))
  @PostMapping("/api/shop-feed/messages")
  FeedView take(@RequestBody JsonNode messages) {
    return all(messages);
  }

  /** Asks the shop for what is new, and takes it. */
  @PostMapping("/api/shop-feed/fetched")
  FeedView fetch() {
    return all(json.readTree(feed.fetch()));
  }

  private FeedView all(JsonNode body) {
    JsonNode messages = body.path("messages");
    Findings findings = new Findings();
    if (!messages.isArray()) {
      findings.missing("messages");
    }
    findings.within("messages.length", messages.size(), 0, MOST_MESSAGES).orRefuse();
    return new FeedView(messages.valueStream().map(this::one).toList());
  }

  private FeedView.TakenMessage one(JsonNode message) {
    try {
      return service.take(records.read(message, FeedMessage.class));
    } catch (RefusedException e) {
      return refused(message, catalogue.views(e.findings()));
    } catch (ProblemException e) {
      String said = catalogue.say(e.code(), "", e.params());
      return refused(message, List.of(new FindingView(e.code(), "", e.params(), said)));
    } catch (JacksonException e) {
      Map<String, Object> params = Map.of("value", "the message", "wanted", "an object");
      Finding unreadable = new Finding(FindingCode.VALUE_UNREADABLE, "message", params);
      return refused(message, catalogue.views(List.of(unreadable)));
    }
  }

  private static FeedView.TakenMessage refused(JsonNode message, List<FindingView> errors) {
    return new FeedView.TakenMessage(
        message.path("messageId").asString(""),
        message.path("order").asString(""),
        FeedOutcome.REFUSED,
        null,
        errors);
  }
}
