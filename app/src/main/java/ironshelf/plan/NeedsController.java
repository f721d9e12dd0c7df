package ironshelf.plan;

import ironshelf.http.table.CsvTable;
import ironshelf.plan.needs.NeedsService;
import ironshelf.plan.needs.NeedsView;
import ironshelf.style.ShopWriter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NeedsController {

  private final PlanKeeper keeper;
  private final PlanReader reader;
  private final NeedsService needs;
  private final ShopWriter writer;

  NeedsController(PlanKeeper keeper, PlanReader reader, NeedsService needs, ShopWriter writer) {
    this.keeper = keeper;
    this.reader = reader;
    this.needs = needs;
    this.writer = writer;
  }

  @GetMapping("/api/needs")
  NeedsView needs() {
    keeper.isRenewed();
    return needs.needs(reader.pourUses());
  }

  /** What is to be bought, a row a purchase. */
  @GetMapping(path = "/api/needs.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> table() {
    List<Map<String, String>> rows = new ArrayList<>();
    for (NeedsView.NeedView need : needs().materials()) {
      for (NeedsView.PurchaseView p : need.purchases()) {
        Map<String, String> row = new LinkedHashMap<>();
        row.put("material", need.material());
        row.put("order_by", p.orderBy().toString());
        row.put("needed_on", p.neededOn().toString());
        row.put("packs", String.valueOf(p.packs()));
        row.put("amount", writer.mass(p.massKg()).replace('\u2009', ' '));
        row.put("kg", BigDecimal.valueOf(p.massKg()).toPlainString());
        row.put("price", p.price() == null ? "" : p.price().toPlainString());
        row.put("currency", p.price() == null ? "" : writer.style().currency());
        rows.add(row);
      }
    }
    return CsvTable.file(
        "shopping-list.csv",
        List.of("material", "order_by", "needed_on", "packs", "amount", "kg", "price", "currency"),
        rows);
  }
}
