package ironshelf.order;

import ironshelf.http.PageOf;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.data.web.PageableDefault;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
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
      @ParameterObject @PageableDefault(size = 50, sort = "due", direction = Sort.Direction.ASC)
          Pageable page) {
    return orders.orders(search, page);
  }

  @GetMapping("/api/orders/{id}")
  OrderView order(@PathVariable long id) {
    return orders.order(id);
  }
}
