package ironshelf.plan;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.MouldName;
import ironshelf.plan.basis.PlanContent;
import ironshelf.plan.basis.ProductName;
import ironshelf.plan.needs.PourUse;
import ironshelf.plan.needs.UseOfCasts;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the plan out in names: by day, by mould copy, by order. */
@Service
@Transactional(readOnly = true)
public class PlanReader {

  private final PlanRepository plans;
  private final PlanWords words;
  private final PlanChanges changes;
  private final UseOfCasts uses;
  private final OrderService orders;
  private final ProductService products;
  private final RecipeService recipes;
  private final MouldService moulds;
  private final Clock clock;

  /** A plan as it is stored. */
  private record StoredPlan(
      long id, Instant madeAt, PlanCause cause, boolean hasBefore, PlanContent content) {}

  private final CachedRead<Optional<StoredPlan>> current;

  /** The last plan before each day that was asked for. */
  private final CachedRead<Map<LocalDate, Optional<StoredPlan>>> before;

  PlanReader(
      PlanRepository plans,
      PlanWords words,
      PlanChanges changes,
      UseOfCasts uses,
      OrderService orders,
      ProductService products,
      RecipeService recipes,
      MouldService moulds,
      Clock clock,
      TableVersions kept) {
    this.plans = plans;
    this.words = words;
    this.changes = changes;
    this.uses = uses;
    this.orders = orders;
    this.products = products;
    this.recipes = recipes;
    this.moulds = moulds;
    this.clock = clock;
    this.current =
        kept.keep(() -> plans.findFirstByUndoneAtIsNullOrderByIdDesc().map(this::stored), "plans");
    this.before = kept.keep(ConcurrentHashMap::new, "plans");
  }

  /** A line and its order. */
  private record Named(OrderView order, OrderLineView line) {}

  public PlanView view() {
    Optional<StoredPlan> current = this.current.get();
    if (current.isEmpty()) {
      return PlanView.none();
    }
    StoredPlan plan = current.get();
    PlanContent content = plan.content();
    Map<Long, Named> byLine = new LinkedHashMap<>();
    orders.open().forEach(o -> o.lines().forEach(l -> byLine.put(l.id(), new Named(o, l))));
    Map<Long, MouldView> mouldsById = moulds.all();
    List<PlanView.PlannedCastView> casts = casts(content, byLine, mouldsById);
    return new PlanView(
        plan.id(),
        plan.madeAt(),
        plan.cause(),
        plan.hasBefore(),
        content.lines().stream().mapToLong(PlanContent.PlannedLine::lateDays).sum(),
        content.plan().lowerBoundLateDays(),
        content.rules(),
        casts.stream().filter(c -> c.lineId() == 0 || byLine.containsKey(c.lineId())).toList(),
        content.lines().stream()
            .filter(l -> byLine.containsKey(l.lineId()))
            .map(l -> line(l, byLine.get(l.lineId()), content, mouldsById))
            .toList(),
        PlanDays.of(content, casts, uses.lacking(pourUses(content))),
        mouldRows(content, mouldsById),
        content.idle().stream()
            .filter(byLine::containsKey)
            .map(id -> idle(byLine.get(id), mouldsById))
            .toList(),
        beforeToday(plan)
            .map(b -> this.changes.lines(b, content, orders.open(), mouldsById))
            .orElse(List.of()),
        beforeToday(plan).map(b -> this.changes.because(b, content, mouldsById)).orElse(List.of()),
        false);
  }

  /** What the casts of a plan will take, in the order in which they are poured. */
  List<PourUse> pourUses(PlanContent content) {
    List<PourUse> pours = new ArrayList<>();
    List<PlannedCast> casts = content.plan().casts();
    Map<Long, ProductView> all = products.all();
    for (int no = 0; no < casts.size(); no++) {
      PlannedCast cast = casts.get(no);
      ProductName name = ProductName.of(cast.product());
      pours.add(
          new PourUse(
              no,
              name.productId(),
              name.colourwayId(),
              pour(name, all.get(name.productId())),
              cast.pourAt()));
    }
    pours.sort(java.util.Comparator.comparing(PourUse::at));
    return pours;
  }

  private static int pour(ProductName name, ProductView product) {
    return name.pour(product.again().size() + 1);
  }

  /** The casts of the plan as it is, in the order in which they are poured. */
  public List<PourUse> pourUses() {
    return current.get().map(p -> pourUses(p.content())).orElse(List.of());
  }

  private List<PlanView.PlannedCastView> casts(
      PlanContent content, Map<Long, Named> byLine, Map<Long, MouldView> mouldsById) {
    Map<Long, ProductView> productsById = products.all();
    Map<Long, ColourwayView> colourways = recipes.allColourways();
    Map<Long, String> codes = new HashMap<>();
    mouldsById.values().forEach(m -> m.copies().forEach(c -> codes.put(c.id(), c.code())));
    List<PlanView.PlannedCastView> views = new ArrayList<>();
    for (PlannedCast cast : content.plan().casts()) {
      DemandName demand = DemandName.of(cast.order());
      @Nullable Named named = byLine.get(demand.lineId());
      ProductName name = ProductName.of(cast.product());
      ColourwayView colourway = colourways.get(name.colourwayId());
      ProductView product = productsById.get(name.productId());
      int firstLayer = product.layerOf(pour(name, product));
      long copyId = content.copyId(cast);
      views.add(
          new PlanView.PlannedCastView(
              views.size(),
              // Parts are nobody's by themselves.
              demand.isPart() ? 0 : demand.lineId(),
              named == null ? 0 : named.order.id(),
              named == null ? "" : named.order.number(),
              named == null ? "" : named.order.customer(),
              product.id(),
              firstLayer == 0
                  ? product.name()
                  : product.name() + ", " + product.layers().get(firstLayer).name(),
              firstLayer,
              colourway.id(),
              colourway.name(),
              colourway.swatch(),
              MouldName.of(cast.mould()).mouldId(),
              copyId,
              codes.getOrDefault(copyId, "?"),
              cast.pieces(),
              cast.pourAt(),
              cast.demouldAt(),
              cast.readyAt(),
              cast.pinned(),
              product.mixKey(firstLayer, colourway.id())));
    }
    return views;
  }

  private PlanView.PlannedLineView line(
      PlanContent.PlannedLine line,
      Named named,
      PlanContent content,
      Map<Long, MouldView> mouldsById) {
    return line(
        named,
        line.readyAt(),
        line.lateDays(),
        line.boundBy(),
        line.lateDays() == 0 ? null : words.why(line, content, mouldsById));
  }

  private PlanView.PlannedLineView idle(Named named, Map<Long, MouldView> mouldsById) {
    MouldView mould = mouldsById.get(named.line.mouldId());
    return line(named, null, 0, null, words.idle(named.line, mould));
  }

  private static PlanView.PlannedLineView line(
      Named named,
      @Nullable LocalDateTime readyAt,
      long lateDays,
      @Nullable Bound boundBy,
      @Nullable String why) {
    return new PlanView.PlannedLineView(
        named.line.id(),
        named.order.id(),
        named.order.number(),
        named.order.customer(),
        named.line.product(),
        named.line.colourway(),
        named.line.quantity(),
        named.line.toPour(),
        named.line.due(),
        readyAt,
        lateDays,
        boundBy,
        why);
  }

  private List<PlanView.MouldRow> mouldRows(PlanContent content, Map<Long, MouldView> mouldsById) {
    Map<String, LocalDateTime> freeAt = new HashMap<>();
    Map<String, String> holds = new HashMap<>();
    for (PlannedRest rest : content.plan().begun()) {
      LocalDateTime out = rest.demouldAt();
      if (out != null) {
        freeAt.put(rest.name(), out);
        holds.put(rest.name(), content.begun().get(rest.name()).product());
      }
    }
    List<PlanView.MouldRow> rows = new ArrayList<>();
    content
        .copies()
        .forEach(
            (key, ids) -> {
              MouldView mould = Objects.requireNonNull(mouldsById.get(MouldName.of(key).mouldId()));
              rows.add(
                  new PlanView.MouldRow(
                      mould.id(),
                      mould.name(),
                      mould.copies().stream()
                          .filter(c -> c.condition() == CopyCondition.GOOD)
                          .map(c -> row(c, freeAt, holds))
                          .toList()));
            });
    return rows;
  }

  private static PlanView.CopyRow row(
      CopyView copy, Map<String, LocalDateTime> freeAt, Map<String, String> holds) {
    String name = copy.held() == null ? "" : "cast-" + copy.held().id();
    return new PlanView.CopyRow(copy.id(), copy.code(), holds.get(name), freeAt.get(name));
  }

  /** The last plan before today, where it is another than this one. */
  private Optional<PlanContent> beforeToday(StoredPlan plan) {
    return this.before
        .get()
        .computeIfAbsent(LocalDate.now(clock), this::before)
        .filter(p -> p.id() != plan.id())
        .map(StoredPlan::content);
  }

  private Optional<StoredPlan> before(LocalDate day) {
    return plans
        .findFirstByUndoneAtIsNullAndMadeAtBeforeOrderByIdDesc(
            day.atStartOfDay(clock.getZone()).toInstant())
        .map(this::stored);
  }

  private StoredPlan stored(PlanEntity plan) {
    return new StoredPlan(
        plan.id(), plan.madeAt(), plan.cause(), plans.countByUndoneAtIsNull() > 1, plan.content());
  }
}
