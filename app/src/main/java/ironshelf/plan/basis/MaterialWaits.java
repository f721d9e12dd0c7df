package ironshelf.plan.basis;

import ironshelf.core.material.Role;
import ironshelf.core.plan.OpenHours;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.material.StockView;
import ironshelf.plan.needs.PourUse;
import ironshelf.plan.needs.UseOfCasts;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Until when products wait for a material of which not even one cast's share is left. If it is
 * ordered today it is there after its lead days. A material of which there never was a lot is not
 * kept account of, and nothing waits for it.
 */
@Component
class MaterialWaits {

  private static final double NOTHING_KG = 0.001;

  private final UseOfCasts uses;
  private final Stock stock;

  MaterialWaits(UseOfCasts uses, Stock stock) {
    this.uses = uses;
    this.stock = stock;
  }

  /** A material and when it can be there. */
  record Wait(String material, LocalDateTime until) {}

  /** What each of the wanted waits for, the longest wait of several; the others are left out. */
  Map<PlanFacts.Wanted, Wait> of(
      Map<PlanFacts.Wanted, Integer> poursOf, LocalDate today, OpenHours hours) {
    Map<Long, StockView> accounted = new HashMap<>();
    stock.all().stream()
        .filter(s -> !s.lots().isEmpty() && s.material().role() != Role.WATER)
        .forEach(s -> accounted.put(s.material().id(), s));
    List<PlanFacts.Wanted> wanted = new ArrayList<>(poursOf.keySet());
    List<PourUse> casts = new ArrayList<>();
    for (int w = 0; w < wanted.size(); w++) {
      for (int pour = 0; pour < poursOf.get(wanted.get(w)); pour++) {
        casts.add(
            new PourUse(
                casts.size(),
                wanted.get(w).productId(),
                wanted.get(w).colourwayId(),
                pour,
                LocalDateTime.MIN));
      }
    }
    Map<PlanFacts.Wanted, Wait> waits = new HashMap<>();
    Map<Integer, Map<Long, Double>> byCast = uses.of(casts);
    for (PourUse cast : casts) {
      byCast
          .get(cast.castNo())
          .forEach(
              (id, kg) -> {
                StockView held = accounted.get(id);
                if (held != null && held.remainingKg().doubleValue() + NOTHING_KG < kg) {
                  Wait wait = wait(held.material(), today, hours);
                  waits.merge(
                      new PlanFacts.Wanted(cast.productId(), cast.colourwayId()),
                      wait,
                      (a, b) -> a.until().isAfter(b.until()) ? a : b);
                }
              });
    }
    return waits;
  }

  private static Wait wait(MaterialView material, LocalDate today, OpenHours hours) {
    return new Wait(material.name(), today.plusDays(material.leadDays()).atTime(hours.opens()));
  }
}
