package ironshelf.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Tables out and in again, with a look before, and nothing half done. */
@ExtendWith(App.Extension.class)
class ExchangeTest {

  /**
   * Every table that goes out and in: looked at it is the same, taken it changes nothing, and goes
   * out again byte by byte. Names are as people give them.
   */
  @Test
  void whatGoesOutComesBackTheSame(App app) {
    String odd = "\"Tide, \"\"low\"\"; – été 潮\"";
    String mould =
        "name,family,kind,cavity_kind,cavity_length_mm,cavity_width_mm,cavity_height_mm,price\n"
            + odd
            + ",trays,silicone,box,200.125,100.3,20.7,15.05\n";
    assertThat(send(app, "moulds", mould, true).status()).isEqualTo(200);
    String copies = "mould,code,casts_before\n" + odd + ",\"T, 1\",3\n";
    assertThat(send(app, "copies", copies, true).status()).isEqualTo(200);
    String reading = "at,celsius\n2026-03-29T01:59:59.123456Z,-3.25\n2026-03-29T03:00:00Z,18.125\n";
    assertThat(send(app, "temperatures/bath", reading, true).status()).isEqualTo(200);
    int tables = 0;
    JsonNode paths = app.get("/api/openapi").path("paths");
    for (var path : paths.properties()) {
      String in = path.getKey().replace(".csv", "");
      boolean bothWays = path.getKey().endsWith(".csv") && paths.path(in).has("post");
      for (String place : bothWays ? List.of("room", "bath", "tent") : List.<String>of()) {
        if (!in.contains("{place}") && !place.equals("room")) {
          continue;
        }
        byte[] out = app.file(path.getKey().replace("{place}", place));
        String name = in.replace("{place}", place);
        Answer look = app.send(name, out);
        assertThat(look.status()).as("%s %s", name, look.body()).isEqualTo(200);
        for (String what : List.of("refused", "fresh", "changed")) {
          assertThat(look.body().path(what).asInt()).as("%s %s", name, look.body()).isZero();
        }
        assertThat(look.body().path("same").asInt()).as(name).isPositive();
        assertThat(app.send(name + "?apply=true", out).status()).isEqualTo(200);
        assertThat(app.file(path.getKey().replace("{place}", place))).as(name).isEqualTo(out);
        tables++;
      }
    }
    assertThat(tables).isGreaterThanOrEqualTo(5);
  }

  @Test
  void aLookFirstThenAllOrNothing(App app) {
    String head =
        "name,family,kind,cavity_kind,cavity_length_mm,cavity_width_mm,cavity_height_mm,price\n";
    String good = head + "CSV tray,trays,silicone,box,200,100,20,15\n";
    Answer look = send(app, "moulds", good, false);
    assertThat(look.body().path("fresh").asInt()).isEqualTo(1);
    assertThat(look.body().path("applied").asBoolean()).isFalse();
    assertThat(count(app, "CSV tray")).isZero();

    String half =
        good + "CSV bad,trays,silicone,box,-200,100,,15\n" + good.substring(head.length());
    Answer bad = send(app, "moulds", half, false);
    assertThat(bad.body().path("refused").asInt()).isEqualTo(2);
    assertThat(bad.body().path("rows").get(1).path("errors").size()).isEqualTo(2);
    Answer refused = send(app, "moulds", half, true);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.code()).isEqualTo("table.refused");
    assertThat(count(app, "CSV tray")).isZero();

    assertThat(send(app, "moulds", good, true).body().path("applied").asBoolean()).isTrue();
    assertThat(count(app, "CSV tray")).isEqualTo(1);
    assertThat(send(app, "moulds", good, false).body().path("same").asInt()).isEqualTo(1);
    Answer copies =
        send(app, "copies", "mould,code,casts_before\nCSV tray,CT1,3\nNo such,CT2,0\n", false);
    assertThat(copies.body().path("fresh").asInt()).isEqualTo(1);
    assertThat(copies.body().path("refused").asInt()).isEqualTo(1);
  }

  @Test
  void whatIsNoTable(App app) {
    assertThat(send(app, "moulds", "", false).status()).isEqualTo(400);
    assertThat(send(app, "moulds", "name\n", false).code()).isEqualTo("table.empty");
    assertThat(send(app, "moulds", "a,a\n1,2\n", false).code()).isEqualTo("table.unreadable");
    assertThat(send(app, "moulds", "name\n\"open\n", false).status()).isEqualTo(400);
  }

  private static Answer send(App app, String what, String table, boolean apply) {
    return app.send(
        "/api/exchange/" + what + "?apply=" + apply, table.getBytes(StandardCharsets.UTF_8));
  }

  private static int count(App app, String mould) {
    return app.get("/api/moulds?search=" + mould.replace(" ", "+")).path("total").asInt();
  }
}
