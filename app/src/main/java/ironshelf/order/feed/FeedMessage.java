package ironshelf.order.feed;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One message of a shop feed (docs/formats.md).
 *
 * @param messageId the same one is taken once, however often it comes
 * @param order by which the feed knows it
 * @param revision of the order, rising; an older one than was taken changes nothing
 * @param lines all of them as they are now; none where it is cancelled
 */
public record FeedMessage(
    String messageId,
    String order,
    int revision,
    FeedKind kind,
    @Nullable LocalDate placedOn,
    @Nullable LocalDate due,
    @Nullable FeedCustomer customer,
    @Nullable String note,
    @Nullable List<FeedLine> lines) {

  /** What happened to the order. */
  public enum FeedKind {
    NEW,
    CHANGED,
    CANCELLED
  }

  /** Who ordered. */
  public record FeedCustomer(String name, @Nullable String address, @Nullable String email) {
    public FeedCustomer {
      new Findings().text("name", name, 120).orRefuse();
    }
  }

  /** So many of a product in a colourway, by their names here. */
  public record FeedLine(
      String product,
      String colourway,
      int quantity,
      @Nullable BigDecimal price,
      @Nullable String note) {
    public FeedLine {
      new Findings()
          .text("product", product, 80)
          .text("colourway", colourway, 80)
          .within("quantity", quantity, 1, 100_000)
          .orRefuse();
    }
  }

  public FeedMessage {
    lines = lines == null ? List.of() : List.copyOf(lines);
    Findings findings =
        new Findings()
            .text("messageId", messageId, 80)
            .text("order", order, 80)
            .within("revision", revision, 1, 1_000_000)
            .present("kind", kind);
    if (kind != FeedKind.CANCELLED) {
      findings.present("due", due).present("customer", customer).list("lines", lines, 200);
    }
    findings.orRefuse();
  }
}
