package ironshelf.demo;

import ironshelf.customer.CustomerRequest;
import ironshelf.customer.CustomerService;
import ironshelf.order.OrderRequest;
import ironshelf.order.OrderRequest.LineRequest;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.product.ProductView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the demo's customers want. */
@Component
class DemoOrders {

  /** The lines that the demo has poured for already. */
  record Lines(
      long hotelBowls,
      long hotelCups,
      long shopVases,
      long shopTrays,
      long gymStones,
      long lateBowls) {}

  private final OrderService orders;
  private final CustomerService customers;

  DemoOrders(OrderService orders, CustomerService customers) {
    this.orders = orders;
    this.customers = customers;
  }

  Lines take(DemoCatalogue.Goods g, LocalDate today) {
    OrderView late =
        place(
            "207",
            "Ferry Lane Goods",
            "4 Ferry Lane\nReedmouth",
            today.minusDays(20),
            today.plusDays(4),
            List.of(line(g.bowl(), g.chalk(), 8), line(g.tray(), g.clay(), 4)));
    OrderView hotel =
        place(
            "209",
            "The Heron Rooms, refit",
            "Heron Quay\nReedmouth",
            today.minusDays(12),
            today.plusDays(16),
            List.of(
                line(g.bowl(), g.slate(), 12),
                line(g.cup(), g.slate(), 24),
                line(g.vase(), g.chalk(), 6)));
    OrderView gym =
        place(
            "211",
            "Mudflat Strength Room",
            "Unit 3, Slipway Yard\nOsierton",
            today.minusDays(9),
            today.plusDays(18),
            List.of(line(g.stone(), g.rough(), 4)));
    OrderView shop =
        place(
            "214",
            "Osier and Tide",
            "11 Staithe Street\nOsierton",
            today.minusDays(5),
            today.plusDays(25),
            List.of(line(g.vase(), g.chalk(), 10), line(g.tray(), g.clay(), 8)));
    place(
        "216",
        "Saturday stall",
        null,
        today.minusDays(2),
        today.plusDays(30),
        List.of(line(g.cup(), g.clay(), 20), line(g.bowl(), g.clay(), 6)));
    return new Lines(
        hotel.lines().get(0).id(),
        hotel.lines().get(1).id(),
        shop.lines().get(0).id(),
        shop.lines().get(1).id(),
        gym.lines().get(0).id(),
        late.lines().get(0).id());
  }

  private OrderView place(
      String number,
      String customer,
      @Nullable String address,
      LocalDate placedOn,
      LocalDate due,
      List<LineRequest> lines) {
    long customerId = customers.named(new CustomerRequest(customer, address, null)).id();
    return orders.place(new OrderRequest(number, customerId, placedOn, due, null, false, lines));
  }

  private static LineRequest line(ProductView product, ColourwayView colourway, int quantity) {
    return new LineRequest(null, product.id(), colourway.id(), quantity, null, null, null);
  }
}
