package ironshelf.order;

import ironshelf.http.ActKey;
import ironshelf.http.PageOf;
import ironshelf.http.SeenVersion;
import ironshelf.order.line.ToPour;
import java.util.List;
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
  OrderView place(@ActKey String key, @RequestBody OrderRequest request) {
    return orders.placeOnce(key, request);
  }

  @PutMapping("/api/orders/{id}")
  OrderView change(@PathVariable long id, @SeenVersion long seen, @RequestBody OrderRequest to) {
    return orders.change(id, seen, to);
  }

  @PostMapping("/api/orders/{id}/cancelled")
  OrderView cancel(@PathVariable long id, @SeenVersion long seen) {
    return orders.cancel(id, seen);
  }

  @PutMapping("/api/orders/{id}/marks")
  OrderView mark(@PathVariable long id, @SeenVersion long seen, @RequestBody OrderMarks marks) {
    return orders.mark(id, seen, marks);
  }
}
