package ironshelf.core.assembly;

import ironshelf.core.quantity.Findings;
import ironshelf.core.route.Gate;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * So many pieces of a good with all their parts, if each thing is done as soon as it may be.
 *
 * @param readyH from the first pour of any part to the end of the whole, in hours at 20 °C
 * @param massKg of one whole: its body, what joining took, its parts; dry
 * @param attendedMin of a person's time for one whole, its parts' routes included
 * @param makes what has to be made of each good, after its spare pieces are used, whole first
 * @param uses each join of the whole, and when the pieces for it are poured at the latest
 */
public record Assembly(
    double readyH, double massKg, double attendedMin, List<Make> makes, List<Use> uses) {

  private static final double HOUR_S = 3_600;

  public Assembly {
    makes = List.copyOf(makes);
    uses = List.copyOf(uses);
  }

  /**
   * What has to be made of a good.
   *
   * @param needed for the whole
   * @param spare of them taken from stock
   * @param toMake the rest
   */
  public record Make(String good, long needed, long spare, long toMake) {}

  /**
   * Pieces that a join takes.
   *
   * @param into the good that takes them, at a step of its route
   * @param atH hours after the first pour
   * @param pourAtH at the latest, so that they are through their route by then
   */
  public record Use(
      String good, long quantity, String into, int stepNo, double atH, double pourAtH) {}

  /**
   * @param quantity 1 to 100 000
   */
  public static Assembly of(Goods goods, String wanted, int quantity) {
    new Findings().within("quantity", quantity, 1, 100_000).orRefuse();
    Good whole = goods.of(wanted);
    Map<String, Double> ready = new HashMap<>();
    double readyH = readyH(goods, whole, ready);
    List<Use> uses = new ArrayList<>();
    use(goods, whole, 0, 1, ready, uses);
    return new Assembly(
        readyH,
        massKg(goods, whole, new HashMap<>()),
        attendedMin(goods, whole, new HashMap<>()),
        makes(goods, wanted, quantity),
        uses);
  }

  /** Returns the hours from the first pour of it or of a part to the end of its route. */
  private static double readyH(Goods goods, Good good, Map<String, Double> known) {
    Double before = known.get(good.name());
    if (before != null) {
      return before;
    }
    double at = 0;
    for (Gate gate : gates(good)) {
      at = step(goods, good, at, gate, known);
    }
    known.put(good.name(), at);
    return at;
  }

  /** Returns when a step may be done that is reached then: a join waits for its parts. */
  private static double step(
      Goods goods, Good good, double reachedH, Gate gate, Map<String, Double> known) {
    double at = reachedH + hours(gate.earliest());
    if (gate.round() == 1) {
      for (Part part : good.partsAt(gate.stepNo())) {
        at = Math.max(at, readyH(goods, goods.of(part.good()), known));
      }
    }
    return at;
  }

  /** Returns the gates of a route, each with the wait from the one before as its moment. */
  private static List<Gate> gates(Good good) {
    List<Gate> gates = new ArrayList<>();
    Optional<Gate> next = good.route().gateAfter(0, 1, Instant.EPOCH);
    while (next.isPresent()) {
      Gate gate = next.get();
      gates.add(gate);
      next = good.route().gateAfter(gate.stepNo(), gate.round(), Instant.EPOCH);
    }
    return gates;
  }

  private static double hours(Instant at) {
    return Duration.between(Instant.EPOCH, at).toSeconds() / HOUR_S;
  }

  private static void use(
      Goods goods,
      Good good,
      double startH,
      long times,
      Map<String, Double> ready,
      List<Use> uses) {
    double at = startH;
    for (Gate gate : gates(good)) {
      at += hours(gate.earliest());
      if (gate.round() > 1) {
        continue;
      }
      for (Part part : good.partsAt(gate.stepNo())) {
        at = Math.max(at, startH + readyH(goods, goods.of(part.good()), ready));
      }
      for (Part part : good.partsAt(gate.stepNo())) {
        Good own = goods.of(part.good());
        double pourAtH = at - readyH(goods, own, ready);
        long count = times * part.quantity();
        uses.add(new Use(part.good(), count, good.name(), gate.stepNo(), at, pourAtH));
        use(goods, own, pourAtH, count, ready, uses);
      }
    }
  }

  private static double massKg(Goods goods, Good good, Map<String, Double> known) {
    Double before = known.get(good.name());
    if (before != null) {
      return before;
    }
    double kg = good.pieceKg();
    for (Join join : good.joins()) {
      kg += join.mixKg();
      for (Part part : join.parts()) {
        kg += part.quantity() * massKg(goods, goods.of(part.good()), known);
      }
    }
    known.put(good.name(), kg);
    return kg;
  }

  private static double attendedMin(Goods goods, Good good, Map<String, Double> known) {
    Double before = known.get(good.name());
    if (before != null) {
      return before;
    }
    double minutes =
        gates(good).stream()
            .mapToDouble(g -> good.route().steps().get(g.stepNo()).attendedMin())
            .sum();
    for (Join join : good.joins()) {
      for (Part part : join.parts()) {
        minutes += part.quantity() * attendedMin(goods, goods.of(part.good()), known);
      }
    }
    known.put(good.name(), minutes);
    return minutes;
  }

  private static List<Make> makes(Goods goods, String wanted, int quantity) {
    Map<String, Long> needed = new LinkedHashMap<>(Map.of(wanted, (long) quantity));
    List<Make> makes = new ArrayList<>();
    for (Good good : goods.under(wanted)) {
      long need = needed.getOrDefault(good.name(), 0L);
      // The whole itself is wanted made: its own stock is the asker's matter.
      long spare = good.name().equals(wanted) ? 0 : Math.min(good.spare(), need);
      makes.add(new Make(good.name(), need, spare, need - spare));
      for (Join join : good.joins()) {
        for (Part part : join.parts()) {
          needed.merge(part.good(), (need - spare) * part.quantity(), Long::sum);
        }
      }
    }
    return makes;
  }
}
