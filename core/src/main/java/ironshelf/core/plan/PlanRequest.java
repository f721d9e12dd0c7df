package ironshelf.core.plan;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is to be planned (handbook 2-5).
 *
 * @param start no work begins before it
 * @param people who work at once, 1 to 50 (1)
 * @param demands up to 2 000
 */
public record PlanRequest(
    LocalDateTime start,
    OpenHours calendar,
    @WhenMissing("1") int people,
    List<PlanMould> moulds,
    @Nullable List<PlanStation> stations,
    List<PlanProduct> products,
    List<Demand> demands) {

  /**
   * A mould and how many copies of it there are.
   *
   * @param cavities pieces a cast (1)
   * @param washMin after each cast before it can be filled again (0)
   */
  public record PlanMould(
      String mould, int copies, @WhenMissing("1") int cavities, @WhenMissing("0") double washMin) {
    public PlanMould {
      cavities = cavities == 0 ? 1 : cavities;
      washMin = Double.isNaN(washMin) ? 0 : washMin;
      new Findings()
          .text("mould", mould, 80)
          .within("copies", copies, 1, 1_000)
          .within("cavities", cavities, 1, 500)
          .within("washMin", washMin, 0, 1_440)
          .orRefuse();
    }
  }

  /** A station and how many pieces it holds. */
  public record PlanStation(String station, int capacity) {
    public PlanStation {
      new Findings()
          .text("station", station, 40)
          .within("capacity", capacity, 1, 1_000_000)
          .orRefuse();
    }
  }

  /**
   * A product.
   *
   * @param shade 0 for the lightest; of one day the light ones are poured first (0)
   * @param route at least one step, with one that frees the mould
   */
  public record PlanProduct(
      String product,
      String mould,
      @Nullable String colour,
      @WhenMissing("0") double shade,
      List<PlanStep> route) {
    public PlanProduct {
      shade = Double.isNaN(shade) ? 0 : shade;
      Findings findings =
          new Findings()
              .text("product", product, 80)
              .text("mould", mould, 80)
              .within("shade", shade, 0, 1_000)
              .list("route", route, 40);
      boolean frees = route != null && route.stream().anyMatch(s -> s != null && s.freesMould());
      findings
          .addIf(!frees, FindingCode.PLAN_MOULD_KEPT, "route", Map.of("value", product + ""))
          .orRefuse();
      route = List.copyOf(route);
    }
  }

  /**
   * What is wanted.
   *
   * @param weight how much a day late counts, over 0 and up to 1 000 (1)
   */
  public record Demand(
      String order, String product, int quantity, LocalDate due, @WhenMissing("1") double weight) {
    public Demand {
      weight = Double.isNaN(weight) ? 1 : weight;
      new Findings()
          .text("order", order, 80)
          .text("product", product, 80)
          .within("quantity", quantity, 1, 100_000)
          .present("due", due)
          .above("weight", weight, 0, 1_000)
          .orRefuse();
    }
  }

  public PlanRequest {
    people = people == 0 ? 1 : people;
    stations = stations == null ? List.of() : List.copyOf(stations);
    new Findings()
        .present("start", start)
        .present("calendar", calendar)
        .within("people", people, 1, 50)
        .list("moulds", moulds, 2_000)
        .list("products", products, 2_000)
        .list("demands", demands, 2_000)
        .orRefuse();
    moulds = List.copyOf(moulds);
    products = List.copyOf(products);
    demands = List.copyOf(demands);
    unfit(calendar, moulds, stations, products, demands).orRefuse();
  }

  /** Names that lead nowhere, work longer than a day, casts larger than a station. */
  private static Findings unfit(
      OpenHours calendar,
      List<PlanMould> moulds,
      List<PlanStation> stations,
      List<PlanProduct> products,
      List<Demand> demands) {
    Findings findings = new Findings();
    Map<String, PlanMould> mouldsByName = new HashMap<>();
    moulds.forEach(m -> mouldsByName.put(m.mould(), m));
    Map<String, Integer> capacities = new HashMap<>();
    stations.forEach(s -> capacities.put(s.station(), s.capacity()));
    Set<String> names = new HashSet<>();
    for (int p = 0; p < products.size(); p++) {
      PlanProduct product = products.get(p);
      String at = "products." + p;
      names.add(product.product());
      PlanMould mould = mouldsByName.get(product.mould());
      findings.addIf(
          mould == null, FindingCode.PLAN_UNKNOWN, at + ".mould", Map.of("value", product.mould()));
      for (int s = 0; s < product.route().size(); s++) {
        PlanStep step = product.route().get(s);
        String field = at + ".route." + s;
        findings.addIf(
            step.workMin() > calendar.minutesADay(),
            FindingCode.PLAN_TOO_LONG,
            field + ".attendedMin",
            Map.of("value", step.attendedMin(), "most", calendar.minutesADay()));
        if (step.station() != null) {
          Integer capacity = capacities.get(step.station());
          findings
              .addIf(
                  capacity == null,
                  FindingCode.PLAN_UNKNOWN,
                  field + ".station",
                  Map.of("value", step.station()))
              .addIf(
                  capacity != null && mould != null && mould.cavities() > capacity,
                  FindingCode.PLAN_TOO_LARGE,
                  field + ".station",
                  Map.of(
                      "value", mould == null ? 0 : mould.cavities(),
                      "most", capacity == null ? 0 : capacity));
        }
      }
    }
    for (int d = 0; d < demands.size(); d++) {
      findings.addIf(
          !names.contains(demands.get(d).product()),
          FindingCode.PLAN_UNKNOWN,
          "demands." + d + ".product",
          Map.of("value", demands.get(d).product()));
    }
    return findings;
  }

  /** The same with other demands. */
  public PlanRequest wanting(List<Demand> others) {
    return new PlanRequest(start, calendar, people, moulds, stations, products, others);
  }

  /** The same with so many more copies of a mould. */
  public PlanRequest withCopies(String mould, int more) {
    return new PlanRequest(
        start,
        calendar,
        people,
        moulds.stream()
            .map(
                m ->
                    m.mould().equals(mould)
                        ? new PlanMould(mould, m.copies() + more, m.cavities(), m.washMin())
                        : m)
            .toList(),
        stations,
        products,
        demands);
  }
}
