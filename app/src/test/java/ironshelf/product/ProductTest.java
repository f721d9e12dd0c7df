package ironshelf.product;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.Pouring;
import java.util.HashMap;
import java.util.List;
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
