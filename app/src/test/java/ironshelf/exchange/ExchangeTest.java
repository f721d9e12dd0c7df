package ironshelf.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.App.Answer;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Tables out and in again, with a look before, and nothing half done. */
@ExtendWith(App.Extension.class)
class ExchangeTest {

  @Test
  void whatGoesOutComesBackTheSame(App app) {
    for (String name : new String[] {"moulds", "copies"}) {
      byte[] table = app.file("/api/exchange/" + name + ".csv");
      Answer view = app.send("/api/exchange/" + name, table);
      assertThat(view.status()).isEqualTo(200);
      assertThat(view.body().path("refused").asInt()).as(view.body().toString()).isZero();
      assertThat(view.body().path("fresh").asInt()).isZero();
      assertThat(view.body().path("changed").asInt()).isZero();
      assertThat(view.body().path("same").asInt()).isGreaterThan(5);
    }
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
