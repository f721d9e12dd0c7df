package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** No disk has so much room as is wanted here: as good as a full one. */
class RoomTest {

  @Test
  void withoutRoomNothingIsChangedAndAllIsRead() throws Exception {
    try (App app = App.empty("--ironshelf.least-room-mb=900000000")) {
      App.Answer refused = app.act("/api/customers", Map.of("name", "Gravel Street"));
      assertThat(refused.status()).isEqualTo(507);
      assertThat(refused.code()).isEqualTo("disk.full");
      assertThat(refused.body().path("detail").asString())
          .contains("so nothing was changed. Make room on it, and try again.");
      assertThat(app.get("/api/customers").toString()).doesNotContain("Gravel");
      // What is only reckoned goes on.
      String speech = "{\"text\":\"2 in\"}";
      assertThat(app.post("/api/calc/quantity", speech).status()).isNotEqualTo(507);
      assertThat(app.tryGet("/actuator/health").status()).isEqualTo(503);
    }
  }
}
