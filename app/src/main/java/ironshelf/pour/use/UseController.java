package ironshelf.pour.use;

import ironshelf.http.table.CsvTable;
import ironshelf.style.ShopWriter;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class UseController {

  private static final List<String> COLUMNS =
      List.of(
          "of",
          "material",
          "pieces",
          "asked",
          "actual",
          "per_piece",
          "asked_kg",
          "actual_kg",
          "per_piece_kg",
          "drift_percent",
          "cost",
          "currency");

  /** Pours on the page, or it has no end; the table has all of them. */
  private static final int MOST_POURS = 60;

  private final UseService use;
  private final LearnedService learned;
  private final WasteUse waste;
  private final ShopWriter writer;

  UseController(UseService use, LearnedService learned, WasteUse waste, ShopWriter writer) {
    this.use = use;
    this.learned = learned;
    this.waste = waste;
    this.writer = writer;
  }

  /** What the shop's own pours teach of a recipe. */
  @GetMapping("/api/recipes/{id}/learned")
  LearnedView learned(@PathVariable long id) {
    return learned.learned(id);
  }

  /** What one piece has in it and what it cost. */
  @GetMapping("/api/use/pieces/{id}")
  PieceUse piece(@PathVariable long id) {
    return use.piece(id);
  }

  @GetMapping("/api/use")
  UseView use(@RequestParam(defaultValue = "product") UseService.By by) {
    return use.use(by, MOST_POURS);
  }

  /** Mix that was thrown away, or that nobody could account for, the latest first. */
  @GetMapping("/api/use/waste")
  List<WasteUse.WasteRow> waste() {
    return waste.rows();
  }

  /** The same as a table: masses in kg and as the shop says them, amounts with the currency. */
  @GetMapping(path = "/api/exchange/use.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> table(@RequestParam(defaultValue = "product") UseService.By by) {
    return CsvTable.file(
        "use.csv",
        COLUMNS,
        use.use(by, Integer.MAX_VALUE).rows().stream().map(this::cells).toList());
  }

  private Map<String, String> cells(UseView.UseRow row) {
    Map<String, String> cells = new LinkedHashMap<>();
    cells.put("of", row.of());
    cells.put("material", row.material());
    cells.put("pieces", String.valueOf(row.pieces()));
    cells.put("asked", said(row.askedKg()));
    cells.put("actual", said(row.actualKg()));
    cells.put("per_piece", said(row.perPieceKg()));
    cells.put("asked_kg", row.askedKg().toPlainString());
    cells.put("actual_kg", row.actualKg().toPlainString());
    cells.put("per_piece_kg", row.perPieceKg().toPlainString());
    cells.put("drift_percent", String.format(Locale.ROOT, "%.2f", row.driftPercent()));
    cells.put("cost", row.cost() == null ? "" : row.cost().toPlainString());
    cells.put("currency", row.cost() == null ? "" : writer.style().currency());
    return cells;
  }

  private String said(BigDecimal kg) {
    return writer.mass(kg.doubleValue()).replace('\u2009', ' ');
  }
}
