package ironshelf.result;

import ironshelf.core.quantity.Findings;
import ironshelf.http.table.CsvTable;
import ironshelf.style.ShopWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ResultController {

  /** Which table is wanted. */
  enum Table {
    MONTHS,
    MOULDS,
    SCRAP,
    MARGINS
  }

  private final ResultService results;
  private final ShopWriter writer;

  ResultController(ResultService results, ShopWriter writer) {
    this.results = results;
    this.writer = writer;
  }

  @GetMapping("/api/results")
  ResultView results(@RequestParam(defaultValue = "8") int weeks) {
    new Findings().within("weeks", weeks, 1, 520).orRefuse();
    return results.results(weeks);
  }

  /** What a chart shows, as a table. */
  @GetMapping(path = "/api/results/{table}.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> table(
      @PathVariable Table table, @RequestParam(defaultValue = "8") int weeks) {
    ResultView all = results(weeks);
    return switch (table) {
      case MONTHS ->
          file(
              "on-time",
              List.of("month", "lines", "on_time_in_full", "late", "mean_late_days"),
              all.months().stream()
                  .map(
                      m ->
                          List.<Object>of(
                              m.month(), m.lines(), m.onTimeInFull(), m.late(), m.meanLateDays()))
                  .toList());
      case MOULDS ->
          file(
              "mould-use",
              List.of("mould", "copies", "casts", "turns_a_week", "idle_share"),
              all.moulds().stream()
                  .map(
                      m ->
                          List.<Object>of(
                              m.mould(), m.copies(), m.casts(), m.turnsAWeek(), m.idleShare()))
                  .toList());
      case SCRAP ->
          file(
              "scrap",
              List.of("product", "pieces", "scrap", "share"),
              all.scrap().stream()
                  .map(s -> List.<Object>of(s.product(), s.pieces(), s.scrap(), s.share()))
                  .toList());
      case MARGINS ->
          file(
              "margins",
              List.of("product", "price", "cost", "margin", "currency", "share"),
              all.margins().stream()
                  .map(
                      m ->
                          List.<Object>of(
                              m.product(),
                              m.price(),
                              m.cost(),
                              m.margin(),
                              writer.style().currency(),
                              m.share()))
                  .toList());
    };
  }

  private static ResponseEntity<String> file(
      String name, List<String> columns, List<List<Object>> cells) {
    List<Map<String, String>> rows =
        cells.stream()
            .map(
                values -> {
                  Map<String, String> row = new LinkedHashMap<>();
                  for (int i = 0; i < columns.size(); i++) {
                    row.put(columns.get(i), String.valueOf(values.get(i)));
                  }
                  return row;
                })
            .toList();
    return CsvTable.file(name + ".csv", columns, rows);
  }
}
