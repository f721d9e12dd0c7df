package ironshelf.order;

import ironshelf.http.IfMatch;
import ironshelf.http.PageOf;
import ironshelf.order.line.ToPour;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.data.web.PageableDefault;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OrderController {

  private final OrderService orders;

  OrderController(OrderService orders) {
    this.orders = orders;
  }

  @GetMapping("/api/orders")
  PageOf<OrderView> orders(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "all") Which which,
      @ParameterObject @PageableDefault(size = 50, sort = "due", direction = Sort.Direction.ASC)
          Pageable page) {
    return orders.orders(search, which, page);
  }

  /** What is to be poured, of all open orders. */
  @GetMapping("/api/orders/to-pour")
  List<ToPour> toPour() {
    return orders.toPour();
  }

  @GetMapping("/api/orders/{id}")
  OrderView order(@PathVariable long id) {
    return orders.order(id);
  }

  @PostMapping("/api/orders")
  @ResponseStatus(HttpStatus.CREATED)
  OrderView place(
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody OrderRequest request) {
    return orders.placeOnce(key, request);
  }

  @PutMapping("/api/orders/{id}")
  OrderView change(
      @PathVariable long id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody OrderRequest to) {
    return orders.change(id, IfMatch.version(ifMatch), to);
  }

  @PostMapping("/api/orders/{id}/cancelled")
  OrderView cancel(
      @PathVariable long id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return orders.cancel(id, IfMatch.version(ifMatch));
  }

  @PutMapping("/api/orders/{id}/marks")
  OrderView mark(
      @PathVariable long id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody OrderMarks marks) {
    return orders.mark(id, IfMatch.version(ifMatch), marks);
  }
}
