package ironshelf.demo;

import ironshelf.order.OrderService;
import ironshelf.order.OrderService.NewLine;
import ironshelf.order.OrderView;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import java.time.LocalDate;
import java.util.List;
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

  DemoOrders(OrderService orders) {
    this.orders = orders;
  }

  Lines take(DemoCatalogue.Goods g, LocalDate today) {
    OrderView late =
        orders.place(
            "207",
            "Ferry Lane Goods",
            today.minusDays(20),
            today.plusDays(4),
            List.of(line(g.bowl(), g.chalk(), 8), line(g.tray(), g.clay(), 4)));
    OrderView hotel =
        orders.place(
            "209",
            "The Heron Rooms, refit",
            today.minusDays(12),
            today.plusDays(16),
            List.of(
                line(g.bowl(), g.slate(), 12),
                line(g.cup(), g.slate(), 24),
                line(g.vase(), g.chalk(), 6)));
    OrderView gym =
        orders.place(
            "211",
            "Mudflat Strength Room",
            today.minusDays(9),
            today.plusDays(18),
            List.of(line(g.stone(), g.rough(), 4)));
    OrderView shop =
        orders.place(
            "214",
            "Osier and Tide",
            today.minusDays(5),
            today.plusDays(25),
            List.of(line(g.vase(), g.chalk(), 10), line(g.tray(), g.clay(), 8)));
    orders.place(
        "216",
        "Saturday stall",
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

  private static NewLine line(ProductView product, ColourwayView colourway, int quantity) {
    return new NewLine(product.id(), colourway.id(), quantity, product.price());
  }
}
