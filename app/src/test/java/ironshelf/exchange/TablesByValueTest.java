package ironshelf.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.http.table.CsvTable;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Tables in and out, cell by cell: what a spreadsheet said is what the shop has, and back. */
@ExtendWith(App.Extension.class)
class TablesByValueTest {

  private static Answer send(App app, String what, boolean apply, String... lines) {
    String table = String.join("\n", lines) + "\n";
    return app.send(
        "/api/exchange/" + what + "?apply=" + apply, table.getBytes(StandardCharsets.UTF_8));
  }

  private static Map<String, String> row(App app, String table, String column, String value) {
    String text = new String(app.file("/api/exchange/" + table), StandardCharsets.UTF_8);
    return CsvTable.read(text).stream()
        .filter(r -> value.equals(r.get(column)))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no " + value + " in " + table));
  }

  private static JsonNode mould(App app, String name) {
    JsonNode found = app.get("/api/moulds?search=" + name.replace(" ", "+")).path("items");
    assertThat(found.size()).as(name).isEqualTo(1);
    return app.get("/api/moulds/" + found.get(0).path("id").asLong());
  }

  /** A frustum of a cone, pi h (D2 + D d + d2) / 12, with a core in it, lifted by its base. */
  @Test
  void aMouldOfATableHoldsWhatItsMeasuresHold(App app) {
    Answer taken =
        send(
            app,
            "moulds",
            true,
            "name,family,kind,cavity_kind,cavity_top_diameter_mm,cavity_base_diameter_mm,"
                + "cavity_height_mm,core_kind,core_top_diameter_mm,core_base_diameter_mm,"
                + "core_height_mm,core_lift_mm,price,cavities",
            "Table pot,vessels,kitchen-plastic,cone,160,120,150,cone,130,100,135,15,12.40,2");
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
    JsonNode mould = mould(app, "Table pot");
    double outer = Math.PI * 150 * (160 * 160 + 160 * 120 + 120 * 120) / 12;
    double inner = Math.PI * 135 * (130 * 130 + 130 * 100 + 100 * 100) / 12;
    // Of both cavities.
    assertThat(mould.path("capacityL").asDouble())
        .isCloseTo(2 * (outer - inner) / 1e6, within(1e-9));
    Map<String, String> row = row(app, "moulds.csv", "name", "Table pot");
    assertThat(row)
        .containsEntry("family", "vessels")
        .containsEntry("kind", "kitchen-plastic")
        .containsEntry("cavity_kind", "cone")
        .containsEntry("cavities", "2")
        .doesNotContainKey("more_cores");
    assertThat(row)
        .containsEntry("cavity_top_diameter_mm", "160")
        .containsEntry("core_base_diameter_mm", "100")
        .containsEntry("core_lift_mm", "15");
    assertThat(Double.parseDouble(row.get("price"))).isEqualTo(12.4);
  }

  /** Only what differs is changed; the row that stays the same is left alone. */
  @Test
  void aChangedCellChangesThatMouldAlone(App app) {
    String head =
        "name,family,kind,cavity_kind,cavity_sides,cavity_across_flats_mm,cavity_height_mm,price";
    String one = "Table hexagon,pavers,silicone,polygonPrism,6,180,32,";
    String two = "Table octagon,pavers,silicone,polygonPrism,8,180,32,20";
    assertThat(send(app, "moulds", true, head, one + "15", two).body().path("fresh").asInt())
        .isEqualTo(2);
    long seen = mould(app, "Table octagon").path("version").asLong();
    Answer changed = send(app, "moulds", true, head, one + "17.5", two);
    assertThat(changed.body().path("changed").asInt()).isEqualTo(1);
    assertThat(changed.body().path("same").asInt()).isEqualTo(1);
    assertThat(changed.body().path("rows").get(0).path("what").asString()).isEqualTo("changed");
    assertThat(mould(app, "Table hexagon").path("price").asDouble()).isEqualTo(17.5);
    assertThat(mould(app, "Table octagon").path("version").asLong()).isEqualTo(seen);
    // n a2 tan (pi / n), a half of what it is across its flats.
    assertThat(mould(app, "Table octagon").path("capacityL").asDouble())
        .isCloseTo(8 * 8_100 * Math.tan(Math.PI / 8) * 32 / 1e6, within(1e-9));
  }

  @Test
  void copiesKeepTheirCastsTheirPlaceAndWhatTheyCost(App app) {
    String head = "name,family,kind,cavity_kind,cavity_length_mm,cavity_width_mm,cavity_height_mm";
    send(app, "moulds", true, head, "Table box A,trays,melamine,box,200,100,20");
    send(app, "moulds", true, head, "Table box B,trays,melamine,box,200,100,20");
    Answer taken =
        send(
            app,
            "copies",
            true,
            "mould,code,casts_before,place,bought_for",
            "Table box A,TBA1,17,shelf 3,12.50",
            "Table box A,TBA2,,,",
            "Table box B,TBB1,3,,9");
    assertThat(taken.body().path("fresh").asInt()).as(taken.body().toString()).isEqualTo(3);
    JsonNode copies = mould(app, "Table box A").path("copies");
    assertThat(copies.size()).isEqualTo(2);
    assertThat(copies.get(0).path("casts").asInt()).isEqualTo(17);
    assertThat(copies.get(1).path("casts").asInt()).isZero();
    Map<String, String> out = row(app, "copies.csv", "code", "TBA1");
    assertThat(out)
        .containsEntry("mould", "Table box A")
        .containsEntry("casts_before", "17")
        .containsEntry("place", "shelf 3");
    assertThat(Double.parseDouble(out.get("bought_for"))).isEqualTo(12.5);

    // The code of another mould's copy is nobody's to take.
    Answer stolen = send(app, "copies", false, "mould,code", "Table box A,TBB1");
    assertThat(stolen.body().path("refused").asInt()).isEqualTo(1);
    assertThat(stolen.body().toString()).contains("a code that no other mould's copy has");
    Answer twice = send(app, "copies", false, "mould,code", "Table box A,TX1", "Table box A,tx1");
    assertThat(twice.body().path("refused").asInt()).isEqualTo(1);
    assertThat(twice.body().path("rows").get(1).path("what").asString()).isEqualTo("refused");
  }

  /** What a logger wrote is kept to the microsecond and to its last figure, whatever its order. */
  @Test
  void temperaturesAreKeptAsTheLoggerWroteThem(App app) {
    JsonNode shop = app.get("/api/workshop");
    String day = shop.path("now").asString().substring(0, 10);
    Answer taken =
        send(
            app,
            "temperatures/tent",
            true,
            "celsius,at",
            "17.25," + day + "T00:10:00.000001Z",
            "-3.5," + day + "T00:05:00+00:00",
            "18.125," + day + "T02:20:00+02:00");
    assertThat(taken.body().path("fresh").asInt()).as(taken.body().toString()).isEqualTo(3);
    String text =
        new String(app.file("/api/exchange/temperatures/tent.csv"), StandardCharsets.UTF_8);
    List<String> own = new ArrayList<>();
    for (Map<String, String> row : CsvTable.read(text)) {
      if (row.get("at").startsWith(day + "T00:")) {
        own.add(row.get("at").substring(11) + " " + row.get("celsius"));
      }
    }
    assertThat(own)
        .containsSubsequence("00:05:00Z -3.5", "00:10:00.000001Z 17.25", "00:20:00Z 18.125");
    Answer again = send(app, "temperatures/tent", true, "at,celsius", day + "T00:05:00Z,-3.25");
    assertThat(again.body().path("changed").asInt()).isEqualTo(1);
    // A moment is said once, as it was corrected.
    text = new String(app.file("/api/exchange/temperatures/tent.csv"), StandardCharsets.UTF_8);
    assertThat(text).contains(day + "T00:05:00Z,-3.25").doesNotContain("00:05:00Z,-3.5");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2027-03-01T10:00:00Z | NaN | celsius",
        "2027-03-01T10:00:00Z | Infinity | celsius",
        "2027-03-01T10:00:00Z | warm | celsius",
        "2027-03-01T10:00:00Z | 500 | celsius",
        "2027-02-30T10:00:00Z | 17 | at",
        "10 o'clock | 17 | at",
      })
  void whatNoProbeSaysIsRefusedByItsCell(String at, String celsius, String field, App app) {
    Answer refused =
        send(app, "temperatures/bath", false, "at,celsius", at.strip() + "," + celsius);
    assertThat(refused.body().path("refused").asInt()).as(refused.body().toString()).isEqualTo(1);
    assertThat(refused.body().path("rows").get(0).path("errors").get(0).path("field").asString())
        .isEqualTo(field);
  }

  /** Each row of use is the same in the table as on its page, to the gram and the cent. */
  @Test
  void useInATableIsUseOnItsPage(App app) {
    JsonNode rows = app.get("/api/use?by=product").path("rows");
    String text = new String(app.file("/api/exchange/use.csv?by=product"), StandardCharsets.UTF_8);
    List<Map<String, String>> table = CsvTable.read(text);
    assertThat(table).hasSameSizeAs(rows);
    assertThat(rows.size()).isGreaterThan(5);
    for (int i = 0; i < table.size(); i++) {
      Map<String, String> cells = table.get(i);
      JsonNode row = rows.get(i);
      assertThat(cells.get("of")).isEqualTo(row.path("of").asString());
      assertThat(cells.get("material")).isEqualTo(row.path("material").asString());
      assertThat(Integer.parseInt(cells.get("pieces"))).isEqualTo(row.path("pieces").asInt());
      for (String kg : List.of("asked", "actual", "perPiece")) {
        String column = kg.replace("perPiece", "per_piece") + "_kg";
        assertThat(Double.parseDouble(cells.get(column)))
            .as("%s %s", cells, column)
            .isCloseTo(row.path(kg + "Kg").asDouble(), within(1e-9));
      }
      double asked = row.path("askedKg").asDouble();
      double actual = row.path("actualKg").asDouble();
      if (asked > 0.1) {
        assertThat(Double.parseDouble(cells.get("drift_percent")))
            .as("%s", cells)
            .isCloseTo((actual / asked - 1) * 100, within(0.02));
      }
      if (row.has("cost")) {
        assertThat(Double.parseDouble(cells.get("cost")))
            .isCloseTo(row.path("cost").asDouble(), within(1e-9));
        assertThat(cells.get("currency")).isEqualTo("EUR");
      }
    }
  }
}
