package ironshelf.plan;

import ironshelf.copy.CopyCondition;
import ironshelf.core.plan.CastPlan;
import ironshelf.http.problem.Catalogue;
import ironshelf.mould.MouldView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.MouldName;
import ironshelf.plan.basis.PlanContent;
import ironshelf.plan.basis.PlanContent.HelpKind;
import ironshelf.plan.basis.ProductName;
import ironshelf.product.ProductService;
import ironshelf.route.RouteService;
import ironshelf.station.StationService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Why a line is late, as the shop would say it. */
@Component
class PlanWords {

  private static final int MOST_HELPS = 3;

  private final Catalogue catalogue;
  private final StationService stations;
  private final ProductService products;
  private final RouteService routes;

  PlanWords(
      Catalogue catalogue, StationService stations, ProductService products, RouteService routes) {
    this.catalogue = catalogue;
    this.stations = stations;
    this.products = products;
    this.routes = routes;
  }

  /** Why a line cannot be planned at all. */
  String idle(OrderLineView line, MouldView mould) {
    if (mould.copies().stream().noneMatch(c -> c.condition() == CopyCondition.GOOD)) {
      return catalogue.say("plan.why.noCopies", "", Map.of("mould", mould.name()));
    }
    String why =
        routes.allCurrent().containsKey(line.productId()) ? "plan.why.noParts" : "plan.why.noRoute";
    return catalogue.say(why, "", Map.of("product", line.product()));
  }

  /** What binds it, and what would help. */
  String why(PlanContent.PlannedLine line, PlanContent content, Map<Long, MouldView> moulds) {
    String bound = bound(line, content, moulds);
    // One more copy is said with the mould that binds.
    List<PlanContent.Help> helps =
        line.helps() == null
            ? List.of()
            : line.helps().stream().filter(h -> h.kind() != HelpKind.COPY).toList();
    if (helps.isEmpty()) {
      return bound;
    }
    String what =
        helps.stream()
            .limit(MOST_HELPS)
            .map(
                h ->
                    catalogue.say(
                        "plan.help." + h.kind().name().toLowerCase(Locale.ROOT),
                        "",
                        Map.of("ready", h.readyAt().toLocalDate())))
            .collect(Collectors.joining("; "));
    return bound + " " + catalogue.say("plan.why.helps", "", Map.of("what", what));
  }

  /** What binds it. */
  String bound(PlanContent.PlannedLine line, PlanContent content, Map<Long, MouldView> moulds) {
    return switch (line.boundBy()) {
      case ROUTE ->
          catalogue.say("plan.why.route", "", Map.of("ready", line.readyAt().toLocalDate()));
      case HANDS ->
          catalogue.say("plan.why.hands", "", Map.of("ready", line.readyAt().toLocalDate()));
      case STATION ->
          catalogue.say(
              "plan.why.station",
              "",
              Map.of(
                  "station",
                  Objects.requireNonNull(stations.byCode().get(line.boundName()))
                      .name()
                      .toLowerCase(Locale.ROOT),
                  "ready",
                  line.readyAt().toLocalDate()));
      case MATERIAL ->
          catalogue.say(
              "plan.why.material",
              "",
              Map.of("material", line.boundName() + "", "until", firstPour(line, content)));
      case MOULD -> mould(line, content, moulds);
      case PARTS ->
          catalogue.say(
              "plan.why.parts",
              "",
              Map.of(
                  "part", part(line.boundName(), content), "ready", line.readyAt().toLocalDate()));
    };
  }

  private static LocalDate firstPour(PlanContent.PlannedLine line, PlanContent content) {
    return content.plan().casts().stream()
        .filter(c -> isFor(c, line))
        .map(c -> c.pourAt().toLocalDate())
        .min(LocalDate::compareTo)
        .orElse(line.readyAt().toLocalDate());
  }

  private static boolean isFor(CastPlan.PlannedCast cast, PlanContent.PlannedLine line) {
    return DemandName.of(cast.order()).equals(DemandName.line(line.lineId()));
  }

  /** What binds it goes by the name of its product, or of what has begun. */
  private String part(@Nullable String name, PlanContent content) {
    PlanContent.@Nullable BegunPieces begun = content.begun().get(name);
    return begun != null
        ? begun.product()
        : products.product(ProductName.of(name + "").productId()).name();
  }

  private String mould(
      PlanContent.PlannedLine line, PlanContent content, Map<Long, MouldView> moulds) {
    String key = Objects.requireNonNull(line.boundName());
    MouldView mould = Objects.requireNonNull(moulds.get(MouldName.of(key).mouldId()));
    LocalDateTime last =
        content.plan().casts().stream()
            .filter(c -> isFor(c, line))
            .map(c -> c.pourAt())
            .max(LocalDateTime::compareTo)
            .orElse(line.readyAt());
    int copies = content.copies().get(key).size();
    String said =
        catalogue.say(
            "plan.why.mould",
            "",
            Map.of(
                "mould", mould.name(),
                "copies", copies + (copies == 1 ? " copy" : " copies"),
                "until", last.toLocalDate()));
    List<PlanContent.WithMore> sooner =
        line.with().stream().filter(w -> w.readyAt().isBefore(line.readyAt())).toList();
    return sooner.isEmpty()
        ? said
        : said
            + " With "
            + sooner.stream()
                .map(
                    w ->
                        catalogue.say(
                            "plan.why.more",
                            "",
                            Map.of(
                                "copies",
                                w.copies() == 1 ? "one more copy" : w.copies() + " more copies",
                                "ready",
                                w.readyAt().toLocalDate())))
                .collect(Collectors.joining("; "))
            + ".";
  }
}
