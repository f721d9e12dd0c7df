package ironshelf.pour.use;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class UseController {

  private final UseService use;
  private final LearnedService learned;

  UseController(UseService use, LearnedService learned) {
    this.use = use;
    this.learned = learned;
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
    return use.use(by);
  }

  @GetMapping(path = "/api/exchange/use.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> table(@RequestParam(defaultValue = "product") UseService.By by) {
    StringWriter out = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(
                "of",
                "material",
                "pieces",
                "asked_kg",
                "actual_kg",
                "drift_percent",
                "per_piece_kg",
                "cost")
            .get();
    try (var printer = format.print(out)) {
      for (UseView.UseRow row : use.use(by).rows()) {
        printer.printRecord(
            row.of(),
            row.material(),
            row.pieces(),
            row.askedKg(),
            row.actualKg(),
            String.format(java.util.Locale.ROOT, "%.2f", row.driftPercent()),
            row.perPieceKg(),
            row.cost());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"use.csv\"")
        .body(out.toString());
  }
}
