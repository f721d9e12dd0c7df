package ironshelf.demo;

import ironshelf.material.MaterialService;
import ironshelf.material.Stock;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Deliveries of the demo's past: what runs low is bought again, a little dearer every time. */
@Component
class DemoStore {

  /** Bought again under so many kilograms, so many at once, for so much a kilogram. */
  private record Habit(String code, double underKg, String boughtKg, String perKg) {}

  private static final List<Habit> HABITS =
      List.of(
          new Habit("rapid-cement", 25, "40", "1.16"),
          new Habit("titanium-dioxide", 1.2, "5", "7.30"),
          new Habit("oxide-black", 0.8, "1", "15.20"),
          new Habit("oxide-red", 0.8, "1", "14.40"),
          new Habit("portland-grey", 25, "50", "0.37"),
          new Habit("silica-sand", 60, "100", "0.24"),
          new Habit("colour-bottle-black", 0.4, "0.7", "19.00"));

  private static final BigDecimal DEARER_A_WEEK = new BigDecimal("0.004");

  private final MaterialService materials;
  private final Stock stock;
  private final Map<String, Long> ids = new HashMap<>();

  DemoStore(MaterialService materials, Stock stock) {
    this.materials = materials;
    this.stock = stock;
  }

  void refill(Instant at, int week) {
    if (ids.isEmpty()) {
      HABITS.forEach(h -> ids.put(h.code(), materials.adoptOnce(h.code()).id()));
    }
    Map<Long, BigDecimal> left = stock.remainingKg(ids.values());
    BigDecimal dearer = BigDecimal.ONE.add(DEARER_A_WEEK.multiply(BigDecimal.valueOf(week)));
    for (Habit habit : HABITS) {
      long id = ids.get(habit.code());
      if (left.getOrDefault(id, BigDecimal.ZERO).doubleValue() < habit.underKg()) {
        BigDecimal kg = new BigDecimal(habit.boughtKg());
        BigDecimal price =
            kg.multiply(new BigDecimal(habit.perKg()))
                .multiply(dearer)
                .setScale(2, RoundingMode.HALF_UP);
        materials.receive(id, null, kg, at, null, price);
      }
    }
  }
}
