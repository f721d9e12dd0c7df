package ironshelf.exchange;

import ironshelf.http.Upload;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ExchangeController {

  private static final String CSV = "text/csv;charset=UTF-8";

  private final ExchangeService exchange;
  private final TemperatureExchange temperatures;

  ExchangeController(ExchangeService exchange, TemperatureExchange temperatures) {
    this.exchange = exchange;
    this.temperatures = temperatures;
  }

  @GetMapping(path = "/api/exchange/moulds.csv", produces = CSV)
  ResponseEntity<String> moulds() {
    return file("moulds.csv", exchange.moulds());
  }

  @GetMapping(path = "/api/exchange/copies.csv", produces = CSV)
  ResponseEntity<String> copies() {
    return file("copies.csv", exchange.copies());
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

  @GetMapping(path = "/api/exchange/temperatures/{place}.csv", produces = CSV)
  ResponseEntity<String> temperatures(@PathVariable String place) {
    return file(place + ".csv", temperatures.table(place));
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

  private static ResponseEntity<String> file(String name, String text) {
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
        .body(text);
  }
}
