package ironshelf.product;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Products kept and changed, and those that cannot be. */
@ExtendWith(App.Extension.class)
class ProductTest {

  @Test
  void aProductIsKeptAndChangedByWhoSawItLast(App app) {
    JsonNode bowl = Pouring.product(app, "Ripple bowl").path("product");
    Map<String, Object> wanted = wanted(bowl, "Ripple bowl, faced");
    wanted.put(
        "layers",
        List.of(
            Map.of("name", "face", "sharePercent", 50, "withoutFibre", true),
            Map.of("name", "back", "sharePercent", 50)));
    JsonNode made = app.act("/api/products", wanted).body().path("product");
    assertThat(made.path("layers").get(0).path("withoutFibre").asBoolean()).isTrue();
    wanted.put("price", 41.5);
    String path = "/api/products/" + made.path("id").asLong();
    String seen = "\"" + made.path("version").asLong() + "\"";
    assertThat(app.put(path, wanted, seen).body().path("product").path("price").asDouble())
        .isEqualTo(41.5);
    assertThat(app.put(path, wanted, seen).status()).isEqualTo(412);
    assertThat(app.act("/api/products", wanted).code()).isEqualTo("name.taken");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[{'name':'a','sharePercent':60},{'name':'b','sharePercent':30}] | layers | layers.sum",
        "[{'name':'a','sharePercent':100,'waitH':2}] | layers.0.waitH | layers.firstWaits",
        "[{'name':'a','sharePercent':0}] | layers.0.sharePercent | number.notAbove",
        "[{'name':'','sharePercent':100}] | layers.0.name | value.missing",
        "[{'name':'a','sharePercent':'NaN'}] | layers.0.sharePercent | value.unreadable"
      })
  void layersThatMakeNoWholeAreRefused(String layers, String field, String code, App app) {
    JsonNode bowl = Pouring.product(app, "Ripple bowl").path("product");
    String body =
        "{\"name\":\"Odd\",\"mouldId\":%d,\"recipeId\":%d,\"layers\":%s}"
            .formatted(
                bowl.path("mouldId").asLong(),
                bowl.path("recipeId").asLong(),
                layers.replace('\'', '"'));
    Answer refused = app.post("/api/products", body);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
    assertThat(refused.body().path("errors").get(0).path("code").asString()).isEqualTo(code);
  }

  @Test
  void hardwareHeavierThanTheTargetIsRefused(App app) {
    Map<String, Object> wanted =
        wanted(Pouring.product(app, "Ripple bowl").path("product"), "Handle only");
    wanted.put("target", Map.of("massKg", 2, "hardwareKg", 3));
    assertThat(app.act("/api/products", wanted).status()).isEqualTo(400);
    wanted.put("target", Map.of("massKg", 2));
    wanted.put("mouldId", 99_999);
    assertThat(app.act("/api/products", wanted).status()).isEqualTo(404);
  }

  /** Open lines follow by the colour's name; where the new recipe lacks it, nothing changes. */
  @Test
  void anotherRecipeTakesOpenOrdersAlongOrSaysWhyNot(App app) {
    Map<String, Object> wanted =
        wanted(Pouring.product(app, "Ripple bowl").path("product"), "Bowl to be remixed");
    JsonNode made = app.act("/api/products", wanted).body();
    long id = made.path("product").path("id").asLong();
    JsonNode colour = made.path("colourways").get(0);
    long customer =
        app.act("/api/customers", Map.of("name", "Follower and Sons")).body().path("id").asLong();
    JsonNode order =
        app.act(
                "/api/orders",
                Map.of(
                    "customerId",
                    customer,
                    "due",
                    "2027-05-01",
                    "lines",
                    List.of(
                        Map.of(
                            "productId",
                            id,
                            "colourwayId",
                            colour.path("id").asLong(),
                            "quantity",
                            2))))
            .body();
    long other =
        app.act(
                "/api/recipes",
                Map.of(
                    "name",
                    "Follower mix",
                    "workingMinAt20C",
                    60,
                    "demouldAgeH",
                    24,
                    "parts",
                    List.of(
                        Map.of("material", "portland-white", "basis", "partsByVolume", "amount", 2),
                        Map.of("material", "water", "basis", "partsByVolume", "amount", 1))))
            .body()
            .path("recipe")
            .path("firstId")
            .asLong();
    String path = "/api/products/" + id;
    wanted.put("recipeId", other);
    String seen = "\"" + made.path("product").path("version").asLong() + "\"";
    Answer refused = app.put(path, wanted, seen);
    assertThat(refused.code()).isEqualTo("product.ordersKeepRecipe");
    assertThat(refused.body().path("detail").asString())
        .contains(order.path("number").asString())
        .contains(colour.path("name").asString());
    assertThat(app.get(path).path("product").path("recipeId").asLong()).isNotEqualTo(other);
    JsonNode same =
        app.act(
                "/api/recipes/" + other + "/colourways",
                Map.of(
                    "name",
                    colour.path("name").asString().toUpperCase(Locale.ROOT),
                    "swatch",
                    "#ffffff"))
            .body();
    assertThat(app.put(path, wanted, seen).status()).isEqualTo(200);
    JsonNode line = app.get("/api/orders/" + order.path("id").asLong()).path("lines").get(0);
    assertThat(line.path("colourwayId")).isEqualTo(same.path("id"));
  }

  @Test
  void aProductIsOfferedInTheColoursThatItIsSoldIn(App app) {
    JsonNode bowl = Pouring.product(app, "Ripple bowl");
    long only = bowl.path("colourways").get(1).path("id").asLong();
    Map<String, Object> wanted = wanted(bowl.path("product"), "Bowl in one colour");
    wanted.put("soldIn", List.of(only));
    JsonNode made = app.act("/api/products", wanted).body();
    assertThat(made.path("colourways").size()).isEqualTo(1);
    assertThat(made.path("colourways").get(0).path("id").asLong()).isEqualTo(only);
    long customer =
        app.act("/api/customers", Map.of("name", "One Colour Only")).body().path("id").asLong();
    Map<String, Object> line =
        Map.of(
            "productId", made.path("product").path("id").asLong(),
            "colourwayId", bowl.path("colourways").get(0).path("id").asLong(),
            "quantity", 1);
    Map<String, Object> order =
        Map.of("customerId", customer, "due", "2027-05-01", "lines", List.of(line));
    assertThat(app.act("/api/orders", order).code()).isEqualTo("pour.colourwayWrong");
    wanted.put("soldIn", List.of(999_999));
    wanted.put("name", "Bowl in none");
    assertThat(app.act("/api/products", wanted).status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | name",
        "{'name':'X3'} | mouldId",
        "{'name':'X3','mouldId':1} | recipeId",
        "{'name':'X3','mouldId':1,'recipeId':1,'price':-1} | price",
        "{'name':'X3','mouldId':1,'recipeId':1,'price':1e12} | price",
        "{'name':'X3','mouldId':1,'recipeId':1,'price':'dear'} | price",
        "{'name':'X3','mouldId':1,'recipeId':1,'minutesPerPiece':-2} | minutesPerPiece",
        "{'name':'X3','mouldId':1,'recipeId':1,'goods':-2} | goods",
        "{'name':'X3','mouldId':1,'recipeId':1,'route':'nowhere'} | route",
        "{'name':'X3','mouldId':1,'recipeId':1,'target':{'massKg':0}} | target.massKg",
      })
  void badProductsAreRefused(String body, String field, App app) {
    Answer refused = app.post("/api/products", body.replace('\'', '"'));
    assertThat(refused.status()).as(refused.body().toString()).isEqualTo(400);
    assertThat(refused.body().path("errors").valueStream().map(e -> e.path("field").asString()))
        .contains(field);
    assertThat(app.get("/api/products").toString()).doesNotContain("\"X3\"");
  }

  private static Map<String, Object> wanted(JsonNode like, String name) {
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("name", name);
    wanted.put("mouldId", like.path("mouldId").asLong());
    wanted.put("recipeId", like.path("recipeId").asLong());
    wanted.put("price", 40);
    wanted.put("minutesPerPiece", 2);
    return wanted;
  }
}
