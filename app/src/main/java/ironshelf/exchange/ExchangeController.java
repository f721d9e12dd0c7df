package ironshelf.exchange;

import ironshelf.http.Upload;
import ironshelf.http.table.CsvTable;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ExchangeController {

  private final ExchangeService exchange;
  private final TemperatureExchange temperatures;
  private final OrderExchange orders;

  ExchangeController(
      ExchangeService exchange, TemperatureExchange temperatures, OrderExchange orders) {
    this.exchange = exchange;
    this.temperatures = temperatures;
    this.orders = orders;
  }

  /** What columns a table of orders has. */
  @PostMapping(path = "/api/exchange/orders/columns", consumes = Upload.ANY_TYPE)
  OrderColumns.Found orderColumns(HttpServletRequest request) throws IOException {
    return orders.columns(text(request));
  }

  /** Takes orders in; {@code column} says {@code meaning:name of the column}, once for each. */
  @PostMapping(path = "/api/exchange/orders", consumes = Upload.ANY_TYPE)
  ImportView takeOrders(
      @RequestParam List<String> column,
      @RequestParam(defaultValue = "false") boolean apply,
      HttpServletRequest request)
      throws IOException {
    return orders.take(text(request), OrderColumns.chosen(column), apply);
  }

  @GetMapping(path = "/api/exchange/moulds.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> moulds() {
    return CsvTable.file("moulds.csv", exchange.moulds());
  }

  @GetMapping(path = "/api/exchange/copies.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> copies() {
    return CsvTable.file("copies.csv", exchange.copies());
  }

  @PostMapping(path = "/api/exchange/moulds", consumes = Upload.ANY_TYPE)
  ImportView takeMoulds(
      @RequestParam(defaultValue = "false") boolean apply, HttpServletRequest request)
      throws IOException {
    return exchange.takeMoulds(text(request), apply);
  }

  @PostMapping(path = "/api/exchange/copies", consumes = Upload.ANY_TYPE)
  ImportView takeCopies(
      @RequestParam(defaultValue = "false") boolean apply, HttpServletRequest request)
      throws IOException {
    return exchange.takeCopies(text(request), apply);
  }

  @GetMapping(path = "/api/exchange/temperatures/{place}.csv", produces = CsvTable.TYPE)
  ResponseEntity<String> temperatures(@PathVariable String place) {
    return CsvTable.file(place + ".csv", temperatures.table(place));
  }

  @PostMapping(path = "/api/exchange/temperatures/{place}", consumes = Upload.ANY_TYPE)
  ImportView takeTemperatures(
      @PathVariable String place,
      @RequestParam(defaultValue = "false") boolean apply,
      HttpServletRequest request)
      throws IOException {
    return temperatures.take(place, text(request), apply);
  }

  private static String text(HttpServletRequest request) throws IOException {
    return new String(Upload.bytes(request), StandardCharsets.UTF_8);
  }
}
