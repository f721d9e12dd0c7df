package ironshelf.order.feed;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What a shop feed says is what the order book has: names, dates, prices, and each change of it.
 */
class FeedByValueTest {

  private static final Map<String, Object> CUPS =
      Map.of("product", "Tea-light cup", "colourway", "Clay", "quantity", 4, "price", 11.50);
  private static final Map<String, Object> VASES =
      Map.of("product", "Reed vase", "colourway", "Slate", "quantity", 2, "note", "a pair");

  private static App app;
  private static LocalDate due;

  @BeforeAll
  static void start() {
    app = App.busy();
    due = LocalDate.parse(app.get("/api/workshop").path("now").asString().substring(0, 10));
    due = due.plusDays(70);
  }

  private static String send(
      String id, String order, int revision, String kind, List<Map<String, Object>> lines) {
    Map<String, Object> message =
        Map.of(
            "messageId",
            id,
            "order",
            order,
            "revision",
            revision,
            "kind",
            kind,
            "placedOn",
            due.minusDays(75).toString(),
            "due",
            due.plusDays(revision).toString(),
            "note",
            "revision " + revision,
            "customer",
            Map.of("name", "Wader Gifts " + order, "address", "2 Sluice Row\nReedmouth"),
            "lines",
            lines);
    JsonNode taken =
        app.act("/api/shop-feed/messages", Map.of("messages", List.of(message)))
            .body()
            .path("messages")
            .get(0);
    return taken.path("outcome").asString();
  }

  private static JsonNode order(String number) {
    JsonNode found = app.get("/api/orders?which=all&search=" + number).path("items");
    assertThat(found).hasSize(1);
    return found.get(0);
  }

  @Test
  void anOrderIsPlacedAsItWasSent() {
    assertThat(send("value-1", "W-9201", 1, "new", List.of(CUPS, VASES))).isEqualTo("placed");
    JsonNode order = order("W-9201");
    assertThat(order.path("feedOrder").asString()).isEqualTo("W-9201");
    assertThat(order.path("customer").asString()).isEqualTo("Wader Gifts W-9201");
    assertThat(order.path("placedOn").asString()).isEqualTo(due.minusDays(75).toString());
    assertThat(order.path("due").asString()).isEqualTo(due.plusDays(1).toString());
    assertThat(order.path("note").asString()).isEqualTo("revision 1");
    assertThat(order.path("quote").asBoolean()).isFalse();
    assertThat(order.path("lines")).hasSize(2);
    JsonNode cups = order.path("lines").get(0);
    assertThat(cups.path("quantity").asInt()).isEqualTo(4);
    assertThat(cups.path("price").decimalValue()).isEqualByComparingTo("11.50");
    JsonNode vases = order.path("lines").get(1);
    assertThat(vases.path("note").asString()).isEqualTo("a pair");
    // 4 at 11.50 and 2 at the shop's own price.
    assertThat(order.path("worth").decimalValue())
        .isEqualByComparingTo(
            vases
                .path("price")
                .decimalValue()
                .multiply(new java.math.BigDecimal(2))
                .add(new java.math.BigDecimal("46.00")));
    assertThat(app.get("/api/customers").toString()).contains("2 Sluice Row\\nReedmouth");
  }

  @Test
  void aChangeKeepsWhatStaysAndALateOneChangesNothing() {
    send("value-2", "W-9202", 1, "new", List.of(CUPS, VASES));
    long line = order("W-9202").path("lines").get(0).path("id").asLong();
    Map<String, Object> bowls =
        Map.of("product", "Ripple bowl", "colourway", "Chalk", "quantity", 1, "price", 30);
    Map<String, Object> moreCups =
        Map.of("product", "Tea-light cup", "colourway", "Clay", "quantity", 6, "price", 10);
    assertThat(send("value-3", "W-9202", 3, "changed", List.of(moreCups, bowls)))
        .isEqualTo("changed");
    JsonNode order = order("W-9202");
    assertThat(order.path("lines")).hasSize(2);
    assertThat(order.path("lines").get(0).path("id").asLong()).isEqualTo(line);
    assertThat(order.path("lines").get(0).path("quantity").asInt()).isEqualTo(6);
    assertThat(order.path("worth").decimalValue()).isEqualByComparingTo("90");
    assertThat(order.path("due").asString()).isEqualTo(due.plusDays(3).toString());

    assertThat(send("value-4", "W-9202", 2, "changed", List.of(VASES))).isEqualTo("outdated");
    assertThat(send("value-3", "W-9202", 9, "changed", List.of(VASES))).isEqualTo("repeated");
    assertThat(order("W-9202")).isEqualTo(order);

    assertThat(send("value-5", "W-9202", 4, "cancelled", List.of())).isEqualTo("cancelled");
    assertThat(order("W-9202").path("stage").asString()).isEqualTo("cancelled");
    assertThat(send("value-6", "W-9202", 5, "changed", List.of(CUPS))).isEqualTo("refused");
  }

  /** What could not be taken comes again once the shop knows what it is about. */
  @Test
  void aMessageThatWasRefusedMayComeAgain() {
    Map<String, Object> unknown =
        Map.of("product", "Reed vase", "colourway", "Moonlight", "quantity", 2, "price", 20);
    assertThat(send("value-7", "W-9203", 1, "new", List.of(unknown))).isEqualTo("refused");
    assertThat(app.get("/api/orders?which=all&search=W-9203").path("items")).isEmpty();
    assertThat(send("value-7", "W-9203", 1, "new", List.of(VASES))).isEqualTo("placed");
    assertThat(order("W-9203").path("lines")).hasSize(1);
  }

  /** An order that was cancelled before it was heard of stays unknown when it comes late. */
  @Test
  void anOrderThatIsCancelledBeforeItComesIsNeverPlaced() {
    assertThat(send("value-8", "W-9204", 2, "cancelled", List.of())).isEqualTo("cancelled");
    assertThat(send("value-9", "W-9204", 1, "new", List.of(CUPS))).isEqualTo("outdated");
    assertThat(app.get("/api/orders?which=all&search=W-9204").path("items")).isEmpty();
  }
}
