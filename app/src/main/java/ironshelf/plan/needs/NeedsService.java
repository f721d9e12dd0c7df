package ironshelf.plan.needs;

import ironshelf.core.material.Lasting;
import ironshelf.core.material.Needs;
import ironshelf.core.material.Needs.Held;
import ironshelf.core.material.Needs.Supply;
import ironshelf.core.material.Needs.Use;
import ironshelf.core.material.Role;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.material.StockView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to buy for the plan, in whole packs, and by when. */
@Service
@Transactional(readOnly = true)
public class NeedsService {

  /** Cement in a bag, once it is there (common practice). */
  /** As far as the stock page draws. */
  private static final int WEEKS_SHOWN = 8;

  private static final int BINDER_KEEPS_DAYS = 90;

  private final UseOfCasts uses;
  private final MaterialService materials;
  private final Stock stock;
  private final Clock clock;

  NeedsService(UseOfCasts uses, MaterialService materials, Stock stock, Clock clock) {
    this.uses = uses;
    this.materials = materials;
    this.stock = stock;
    this.clock = clock;
  }

  public NeedsView needs(List<PourUse> casts) {
    Map<Integer, Map<Long, Double>> byCast = uses.of(casts);
    Map<Long, List<Use>> byMaterial = new HashMap<>();
    for (PourUse cast : casts) {
      byCast
          .get(cast.castNo())
          .forEach(
              (id, kg) ->
                  byMaterial
                      .computeIfAbsent(id, m -> new ArrayList<>())
                      .add(new Use(cast.at().toLocalDate(), kg)));
    }
    List<LocalDate> weeks = weeks(casts);
    List<NeedsView.NeedView> needs = new ArrayList<>();
    for (StockView stock : stock.all()) {
      List<Use> own = byMaterial.getOrDefault(stock.material().id(), List.of());
      if (!own.isEmpty() && stock.material().role() != Role.WATER) {
        needs.add(need(stock, own, weeks));
      }
    }
    BigDecimal cost =
        needs.stream()
            .flatMap(n -> n.purchases().stream())
            .map(p -> p.price() == null ? BigDecimal.ZERO : p.price())
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    return new NeedsView(weeks, needs, cost);
  }

  private static List<LocalDate> weeks(List<PourUse> casts) {
    if (casts.isEmpty()) {
      return List.of();
    }
    LocalDate first = monday(casts.get(0).at().toLocalDate());
    LocalDate last = monday(casts.get(casts.size() - 1).at().toLocalDate());
    return IntStream.rangeClosed(0, (int) ChronoUnit.WEEKS.between(first, last))
        .mapToObj(first::plusWeeks)
        .toList();
  }

  private static LocalDate monday(LocalDate date) {
    return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  private NeedsView.NeedView need(StockView stock, List<Use> own, List<LocalDate> weeks) {
    MaterialView material = stock.material();
    List<Held> held =
        stock.lots().stream()
            .filter(l -> l.remainingKg().signum() > 0)
            .map(l -> new Held(l.remainingKg().doubleValue(), l.staleOn()))
            .toList();
    Needs needs =
        Needs.of(
            held,
            own,
            new Supply(
                material.packKg(),
                material.leadDays(),
                material.role() == Role.BINDER ? BINDER_KEEPS_DAYS : null));
    List<Double> useKg =
        weeks.stream()
            .map(
                w ->
                    own.stream()
                        .filter(u -> monday(u.on()).equals(w))
                        .mapToDouble(Use::massKg)
                        .sum())
            .toList();
    return new NeedsView.NeedView(
        material.id(),
        material.name(),
        material.packKg(),
        stock.remainingKg(),
        useKg,
        Lasting.of(stock.remainingKg().doubleValue(), useKg, WEEKS_SHOWN),
        needs.shortOn(),
        needs.unusedStaleKg(),
        material.leadDays(),
        needs.purchases().stream().map(p -> purchase(p, material)).toList());
  }

  private NeedsView.PurchaseView purchase(Needs.Purchase purchase, MaterialView material) {
    @Nullable BigDecimal perKg = material.pricePerKg();
    return new NeedsView.PurchaseView(
        purchase.orderBy(),
        purchase.neededOn(),
        purchase.massKg(),
        purchase.packs(),
        purchase.orderBy().isBefore(LocalDate.now(clock)),
        perKg == null
            ? null
            : perKg
                .multiply(BigDecimal.valueOf(purchase.massKg()))
                .setScale(2, RoundingMode.HALF_UP));
  }
}
