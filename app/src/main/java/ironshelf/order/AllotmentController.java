package ironshelf.order;

import ironshelf.core.quantity.Findings;
import ironshelf.order.allotment.LineAllotments;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AllotmentController {

  /** Pieces by their numbers. */
  record PieceNumbers(List<Long> pieceIds) {
    PieceNumbers {
      new Findings().list("pieceIds", pieceIds, 500).orRefuse();
      pieceIds = pieceIds.stream().distinct().toList();
    }
  }

  /** How many pieces were tied. */
  record Tied(int pieces) {}

  private final AllotmentService allotments;
  private final OrderService orders;

  AllotmentController(AllotmentService allotments, OrderService orders) {
    this.allotments = allotments;
    this.orders = orders;
  }

  @GetMapping("/api/orders/{id}/allotments")
  List<LineAllotments> ofOrder(@PathVariable long id) {
    return allotments.ofOrder(id);
  }

  @PostMapping("/api/orders/{id}/allotments")
  Tied allotBest(@PathVariable long id) {
    return new Tied(allotments.allotBest(id));
  }

  /** All open orders, those that are due first served first; each is done by itself. */
  @PostMapping("/api/allotments")
  Tied allotAll() {
    return new Tied(orders.open().stream().mapToInt(o -> allotments.allotBest(o.id())).sum());
  }

  @PostMapping("/api/order-lines/{id}/allotments")
  LineAllotments allotByHand(@PathVariable long id, @RequestBody PieceNumbers request) {
    return allotments.allotByHand(id, request.pieceIds());
  }

  @PostMapping("/api/allotments/freed")
  Tied free(@RequestBody PieceNumbers request) {
    allotments.free(request.pieceIds());
    return new Tied(0);
  }
}
