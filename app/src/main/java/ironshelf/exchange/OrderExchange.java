package ironshelf.exchange;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.customer.CustomerRequest;
import ironshelf.customer.CustomerService;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.ProblemException;
import ironshelf.http.table.CsvTable;
import ironshelf.order.GoodsNames;
import ironshelf.order.OrderRequest;
import ironshelf.order.OrderRequest.LineRequest;
import ironshelf.order.OrderService;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Orders from a table, a row a line, whose columns are chosen: rows of one order number, or without
 * one of one customer and day, are one order. An order that is there is not taken twice.
 */
@Service
@Transactional
public class OrderExchange {

  private final OrderService orders;
  private final CustomerService customers;
  private final GoodsNames goods;
  private final Catalogue catalogue;

  OrderExchange(
      OrderService orders, CustomerService customers, GoodsNames goods, Catalogue catalogue) {
    this.orders = orders;
    this.customers = customers;
    this.goods = goods;
    this.catalogue = catalogue;
  }

  /** The columns of a table, and which of them most likely means what. */
  @Transactional(readOnly = true)
  public OrderColumns.Found columns(String table) {
    return OrderColumns.found(CsvTable.columns(table));
  }

  /** A row that can be taken. */
  private record Read(@Nullable String number, String customer, LocalDate due, LineRequest line) {

    String together() {
      return number == null ? customer + "\n" + due : number;
    }
  }

  /** Takes orders in, or says what would happen. */
  public ImportView take(String table, Map<OrderColumns.Meaning, String> columns, boolean apply) {
    List<ImportView.Row> views = new ArrayList<>();
    Map<String, List<Read>> fresh = new LinkedHashMap<>();
    for (Map<String, String> cells : CsvTable.read(table)) {
      int number = views.size() + 1;
      String name = cells.getOrDefault(columns.getOrDefault(OrderColumns.Meaning.CUSTOMER, ""), "");
      try {
        Read row = read(cells, columns);
        boolean known = row.number != null && orders.byNumber(row.number) != null;
        if (!known) {
          fresh.computeIfAbsent(row.together(), k -> new ArrayList<>()).add(row);
        }
        views.add(
            new ImportView.Row(
                number,
                known ? ImportView.What.SAME : ImportView.What.FRESH,
                (row.number == null ? "" : row.number + ", ") + row.customer,
                List.of()));
      } catch (RefusedException e) {
        views.add(
            new ImportView.Row(
                number, ImportView.What.REFUSED, name, catalogue.views(e.findings())));
      }
    }
    ImportView view = ImportView.of(List.copyOf(views), apply);
    if (apply && view.refused() > 0) {
      throw ProblemException.bad("table.refused", Map.of("value", view.refused()));
    }
    if (apply) {
      fresh.values().forEach(this::place);
    }
    return view;
  }

  private void place(List<Read> rows) {
    Read first = rows.get(0);
    long customerId = customers.named(new CustomerRequest(first.customer, null, null)).id();
    orders.place(
        new OrderRequest(
            first.number,
            customerId,
            null,
            rows.stream().map(Read::due).max(LocalDate::compareTo).orElseThrow(),
            null,
            false,
            rows.stream().map(Read::line).toList()));
  }

  private Read read(Map<String, String> cells, Map<OrderColumns.Meaning, String> columns) {
    Findings findings = new Findings();
    Row row = new Row(cells, columns, findings);
    String number = row.text(OrderColumns.Meaning.ORDER, false);
    String customer = row.text(OrderColumns.Meaning.CUSTOMER, true);
    String product = row.text(OrderColumns.Meaning.PRODUCT, true);
    String colourway = row.text(OrderColumns.Meaning.COLOURWAY, true);
    LocalDate due = row.date();
    Integer quantity = row.whole();
    BigDecimal price = row.money();
    if (number != null) {
      findings.text("order", number, 20);
    }
    GoodsNames.@Nullable Goods named =
        product == null || colourway == null ? null : goods.find(product, colourway, "", findings);
    findings.orRefuse();
    if (named == null || customer == null || due == null || quantity == null) {
      throw new IllegalStateException("a row without findings has all its values");
    }
    return new Read(
        number,
        customer,
        due,
        new LineRequest(
            null,
            named.productId(),
            named.colourwayId(),
            quantity,
            price,
            due,
            row.text(OrderColumns.Meaning.NOTE, false)));
  }

  /** One row, by what its columns mean. */
  private record Row(
      Map<String, String> cells, Map<OrderColumns.Meaning, String> columns, Findings findings) {

    @Nullable String text(OrderColumns.Meaning meaning, boolean needed) {
      String text = cells.get(columns.getOrDefault(meaning, ""));
      if (needed) {
        findings.present(meaning.field(), text);
      }
      return text;
    }

    @Nullable LocalDate date() {
      String text = text(OrderColumns.Meaning.DUE, true);
      try {
        return text == null ? null : LocalDate.parse(text);
      } catch (DateTimeParseException e) {
        unreadable("due", text, "a day such as 2027-03-20");
        return null;
      }
    }

    @Nullable Integer whole() {
      String text = text(OrderColumns.Meaning.QUANTITY, true);
      if (text != null && !text.matches("\\d{1,6}")) {
        unreadable("quantity", text, "a whole number such as 12");
        return null;
      }
      return text == null ? null : Integer.valueOf(text);
    }

    @Nullable BigDecimal money() {
      String text = text(OrderColumns.Meaning.PRICE, false);
      if (text != null && !text.matches("\\d{1,7}(\\.\\d{1,2})?")) {
        unreadable("price", text, "an amount such as 34.50");
        return null;
      }
      return text == null ? null : new BigDecimal(text);
    }

    private void unreadable(String field, String value, String wanted) {
      findings.add(
          new Finding(
              FindingCode.VALUE_UNREADABLE, field, Map.of("value", value, "wanted", wanted)));
    }
  }
}
