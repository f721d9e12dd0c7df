package ironshelf.plan.promise;

import ironshelf.core.quantity.Findings;
import ironshelf.http.SeenVersion;
import ironshelf.order.OrderView;
import ironshelf.plan.PlanKeeper;
import ironshelf.plan.promise.PlanPromises.Asked;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PromiseController {

  /** What is asked for, at most 20 lines. */
  record PromiseLines(List<PromiseLine> lines) {
    PromiseLines {
      new Findings().list("lines", lines, 20).orRefuse();
    }
  }

  /**
   * One line of it.
   *
   * @param quantity 1 to 10 000
   */
  record PromiseLine(@Nullable Long productId, @Nullable Long colourwayId, int quantity) {
    PromiseLine {
      new Findings()
          .present("productId", productId)
          .present("colourwayId", colourwayId)
          .within("quantity", quantity, 1, 10_000)
          .orRefuse();
    }
  }

  private final PromiseService promises;

  /** A promise stands on the plan as it is now, so that the next look at the plan changes none. */
  private final PlanKeeper keeper;

  PromiseController(PromiseService promises, PlanKeeper keeper) {
    this.promises = promises;
    this.keeper = keeper;
  }

  @PostMapping("/api/promises")
  PromiseView promise(@RequestBody PromiseLines request) {
    keeper.isRenewed();
    return promises.promise(
        request.lines().stream()
            .map(
                l ->
                    new Asked(
                        Objects.requireNonNull(l.productId()),
                        Objects.requireNonNull(l.colourwayId()),
                        l.quantity()))
            .toList());
  }

  /** How often which date is kept, in a hundred simulated weeks. */
  @PostMapping("/api/promises/chance")
  PlanPromises.Chance chance(@RequestBody PromiseLine line) {
    keeper.isRenewed();
    return promises.chance(
        new Asked(
            Objects.requireNonNull(line.productId()),
            Objects.requireNonNull(line.colourwayId()),
            line.quantity()));
  }

  /** How often which line of the plan is on time. */
  @GetMapping("/api/plan/chances")
  PlanPromises.BookChance book() {
    keeper.isRenewed();
    return promises.book();
  }

  @GetMapping("/api/orders/{id}/promise")
  PromiseView ofOrder(@PathVariable long id) {
    keeper.isRenewed();
    return promises.ofOrder(id);
  }

  /** Takes a quote on for the date that it can be promised for. */
  @PostMapping("/api/orders/{id}/accepted")
  OrderView accept(@PathVariable long id, @SeenVersion long seen) {
    keeper.isRenewed();
    return promises.accept(id, seen);
  }
}
