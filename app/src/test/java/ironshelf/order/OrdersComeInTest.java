package ironshelf.order;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Orders that come in by a shop's feed or by a table, each once. */
class OrdersComeInTest {

  private static App app;

  @BeforeAll
  static void start() {
    app = App.busy();
  }

  private static LocalDate today() {
    return LocalDate.parse(app.get("/api/workshop").path("now").asString().substring(0, 10));
  }

  private static List<String> numbers(String path) {
    List<String> numbers = new ArrayList<>();
    app.get(path).path("items").forEach(o -> numbers.add(o.path("number").asString()));
    return numbers;
  }

  /** A feed on a bad day: the same message twice, a change before its order, a name unknown. */
  @Test
  void theFeedIsTakenOnceWhateverItsOrder() {
    assertThat(outcomes("/api/shop-feed/fetched")).containsExactly("placed");
    assertThat(outcomes("/api/shop-feed/fetched")).containsExactly("repeated", "placed", "refused");
    assertThat(outcomes("/api/shop-feed/fetched")).containsExactly("outdated", "cancelled");
    assertThat(outcomes("/api/shop-feed/fetched")).isEmpty();
    JsonNode changed = app.get("/api/orders?which=all&search=W-3002").path("items").get(0);
    assertThat(changed.path("lines").get(0).path("quantity").asInt()).isEqualTo(3);
    JsonNode off = app.get("/api/orders?which=closed&search=W-3001").path("items").get(0);
    assertThat(off.path("stage").asString()).isEqualTo("cancelled");
  }

  /** A message that cannot be taken does not keep out those beside it. */
  @Test
  void aBadMessageStandsAlone() {
    String good =
        """
        {"messageId":"%s","order":"%s","revision":1,"kind":"new","due":"%s",
         "customer":{"name":"Tern Street Shop"},
         "lines":[{"product":"Reed vase","colourway":"Slate","quantity":2}]}
        """;
    String due = today().plusDays(60).toString();
    String messages =
        "{\"messages\":["
            + good.formatted("bad-day-1", "W-9001", due)
            + ","
            + good.formatted("bad-day-2", "W-9002", due).replace("\"quantity\":2", "\"quantity\":0")
            + ",17,"
            + good.formatted("bad-day-3", "W-9003", due).replace("Reed vase", "Moon lamp")
            + ","
            + good.formatted("bad-day-4", "W-9004", due)
            + "]}";
    List<String> outcomes = new ArrayList<>();
    JsonNode taken = app.post("/api/shop-feed/messages", messages).body().path("messages");
    taken.forEach(m -> outcomes.add(m.path("outcome").asString()));
    assertThat(outcomes).containsExactly("placed", "refused", "refused", "refused", "placed");
    assertThat(taken.get(1).path("order").asString()).isEqualTo("W-9002");
    assertThat(taken.get(1).path("errors").get(0).path("field").asString()).endsWith("quantity");
    assertThat(numbers("/api/orders?search=W-9004")).containsExactly("W-9004");
    assertThat(app.post("/api/shop-feed/messages", "{}").status()).isEqualTo(400);
  }

  private static List<String> outcomes(String path) {
    List<String> outcomes = new ArrayList<>();
    app.post(path, "")
        .body()
        .path("messages")
        .forEach(m -> outcomes.add(m.path("outcome").asString()));
    return outcomes;
  }

  @Test
  void aTableIsLookedAtThenTakenOnce() {
    String table =
        "Ref,Client,Article,Colour,Qty,Wanted by\r\nT-1,Tern Street Shop,Reed vase,Slate,6,"
            + today().plusDays(50)
            + "\r\nT-1,Tern Street Shop,Ripple bowl,Chalk,2,"
            + today().plusDays(50)
            + "\r\n";
    byte[] bytes = table.getBytes(StandardCharsets.UTF_8);
    JsonNode guessed = app.send("/api/exchange/orders/columns", bytes).body().path("guessed");
    assertThat(guessed.path("customer").asString()).isEqualTo("Client");
    assertThat(guessed.path("product").asString()).isEqualTo("Article");
    assertThat(guessed.path("order").asString()).as("short for reference").isEqualTo("Ref");
    String columns =
        "&column=order:Ref&column=customer:Client&column=product:Article&column=colourway:Colour"
            + "&column=quantity:Qty&column=due:Wanted by";
    JsonNode look = app.send("/api/exchange/orders?apply=false" + columns, bytes).body();
    assertThat(look.path("fresh").asInt()).isEqualTo(2);
    assertThat(numbers("/api/orders?search=T-1")).isEmpty();
    app.send("/api/exchange/orders?apply=true" + columns, bytes);
    assertThat(numbers("/api/orders?search=T-1")).containsExactly("T-1");
    JsonNode again = app.send("/api/exchange/orders?apply=true" + columns, bytes).body();
    assertThat(again.path("same").asInt()).isEqualTo(2);
    byte[] wrong =
        "Client,Article,Colour,Qty,Wanted by\r\nX,Moon lamp,Slate,many,soon\r\n"
            .getBytes(StandardCharsets.UTF_8);
    JsonNode refused = app.send("/api/exchange/orders?apply=false" + columns, wrong).body();
    assertThat(refused.path("rows").get(0).path("errors").size()).isEqualTo(3);
    assertThat(app.send("/api/exchange/orders?column=hat:Qty", bytes).status()).isEqualTo(400);
  }
}
