package ironshelf.product;

import ironshelf.core.assembly.Good;
import ironshelf.core.assembly.Goods;
import ironshelf.core.assembly.Join;
import ironshelf.core.assembly.Part;
import ironshelf.core.route.PartWanted;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.route.RouteView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Whether products can be parts of each other as their routes say. */
final class PartsCheck {

  private final Map<Long, ProductView> products;
  private final Map<Long, Route> routes = new LinkedHashMap<>();
  private final Map<Long, Good> goods = new LinkedHashMap<>();

  private PartsCheck(Map<Long, ProductView> products, Map<Long, RouteView> current) {
    this.products = products;
    current.forEach((id, route) -> routes.put(id, route.route()));
  }

  /** Refuses a route by which a product would be part of itself, or have parts that none makes. */
  static void refuseImpossible(
      long productId, Route to, Map<Long, ProductView> products, Map<Long, RouteView> current) {
    PartsCheck check = new PartsCheck(products, current);
    check.routes.put(productId, to);
    check.add(productId);
    new Goods(List.copyOf(check.goods.values()));
  }

  private void add(long productId) {
    Route route = routes.get(productId);
    if (goods.containsKey(productId) || route == null) {
      return;
    }
    List<Join> joins = new ArrayList<>();
    for (int i = 0; i < route.steps().size(); i++) {
      RouteStep step = route.steps().get(i);
      if (step.parts() != null) {
        List<Part> parts =
            step.parts().stream().map(p -> new Part(name(p.productId()), p.quantity())).toList();
        joins.add(new Join(i, parts, step.mixKg() == null ? 0 : step.mixKg()));
      }
    }
    goods.put(productId, new Good(name(productId), route, joins, 0, 0));
    for (RouteStep step : route.steps()) {
      if (step.parts() != null) {
        step.parts().stream().map(PartWanted::productId).forEach(this::add);
      }
    }
  }

  private String name(long productId) {
    ProductView product = products.get(productId);
    return product == null ? "product " + productId : product.name();
  }
}
