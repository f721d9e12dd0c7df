package ironshelf.plan.basis;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.pour.script.PourState;
import ironshelf.mould.DrawnMould;
import ironshelf.plan.basis.PlanFacts.Wanted;
import ironshelf.pour.Meant;
import ironshelf.pour.script.PourSessionView;
import ironshelf.pour.script.SessionService;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What is being poured now: its copies that are still empty are filled next, by a person and from a
 * mixer that nothing else has meanwhile. Those that are filled already are on the shelf.
 */
@Component
class OpenPours {

  /** A pour that nobody has ended since the day before is not being poured now. */
  private static final Duration FORGOTTEN = Duration.ofHours(12);

  private final SessionService sessions;

  OpenPours(SessionService sessions) {
    this.sessions = sessions;
  }

  /**
   * A copy that is filled next.
   *
   * @param lineId of the order it is poured for; null: for stock
   */
  record Next(
      BegunCast cast, Wanted product, @Nullable Long lineId, PlanContent.BegunPieces what) {}

  /**
   * What is filled next, in the order of the sheets.
   *
   * @param planned a product as the plan sees it at its first pour; null where it cannot be planned
   */
  List<Next> find(
      PlannedProducts.Known known,
      Map<Long, DrawnMould> drawn,
      Map<String, List<Long>> inUse,
      Function<Wanted, @Nullable PlanProduct> planned,
      Instant now) {
    List<Next> all = new ArrayList<>();
    for (PourSessionView pour : sessions.open()) {
      Meant meant = pour.meant();
      if (meant.firstLayer() != 0 || pour.openedAt().isBefore(now.minus(FORGOTTEN))) {
        continue;
      }
      Set<String> empty =
          pour.state().copies().stream()
              .filter(c -> c.fill() == PourState.Fill.EMPTY && c.leftOut() == null)
              .map(PourState.CopyState::copy)
              .collect(Collectors.toSet());
      boolean wetted =
          pour.state().batches().stream()
              .flatMap(b -> b.mixes().stream())
              .anyMatch(m -> m.wettedAt() != null);
      for (Meant.MeantCopy copy : meant.copies()) {
        Wanted wanted = new Wanted(copy.productId(), meant.colourwayId());
        PlanProduct product = empty.contains(copy.key()) ? planned.apply(wanted) : null;
        int no =
            product == null
                ? 0
                : inUse.getOrDefault(product.mould(), List.of()).indexOf(copy.copyId()) + 1;
        if (no > 0) {
          int pieces = drawn.get(MouldName.of(product.mould()).mouldId()).cavities();
          PlanStep filling = filling(product, wetted);
          String name = "pour-" + pour.id() + "-" + copy.key();
          all.add(
              new Next(
                  new BegunCast(name, product.mould(), no, pieces, with(filling, product), null),
                  wanted,
                  copy.lineId(),
                  what(known, wanted, pieces)));
        }
      }
    }
    return all;
  }

  /** What is wetted is not mixed any more; it is washed all the same. */
  private static PlanStep filling(PlanProduct product, boolean wetted) {
    PlanStep filling = product.route().get(0);
    if (wetted || product.recipe() == null) {
      return filling.after(PlannedProducts.WASH_MIN);
    }
    return filling.from(
        new PlanStep.LayerMix(
            product.recipe(), product.colour(), product.shade(), product.litresPerCast()));
  }

  private static List<PlanStep> with(PlanStep filling, PlanProduct product) {
    List<PlanStep> route = new ArrayList<>(product.route());
    route.set(0, filling);
    return route;
  }

  private static PlanContent.BegunPieces what(
      PlannedProducts.Known known, Wanted wanted, int pieces) {
    ColourwayView colourway = known.colourways().get(wanted.colourwayId());
    return new PlanContent.BegunPieces(
        known.all().get(wanted.productId()).name(), colourway.name(), colourway.swatch(), pieces);
  }

  /** How many pieces each line has of it. */
  static Map<Long, Integer> ofLines(List<Next> next) {
    Map<Long, Integer> pieces = new HashMap<>();
    next.stream()
        .filter(n -> n.lineId() != null)
        .forEach(n -> pieces.merge(n.lineId(), n.cast().pieces(), Integer::sum));
    return pieces;
  }
}
