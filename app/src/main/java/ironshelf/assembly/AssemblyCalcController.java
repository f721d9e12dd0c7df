package ironshelf.assembly;

import ironshelf.core.assembly.Assembly;
import ironshelf.core.assembly.Good;
import ironshelf.core.assembly.Goods;
import ironshelf.core.assembly.Join;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKinds;
import ironshelf.route.StepKindService;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is to be made for so many pieces with their parts, and from when on. */
@RestController
class AssemblyCalcController {

  /**
   * Something that is made. What is not given takes the value in brackets.
   *
   * @param steps of its route
   * @param demouldAgeH equivalent age at 20 °C (24)
   * @param dryH before it is sealed (168)
   * @param joins what the steps that join take; null: nothing
   * @param pieceKg of its own body, dry (0)
   * @param spare pieces in stock (0)
   */
  record GoodRequest(
      String name,
      List<RouteStep> steps,
      @WhenMissing("24") double demouldAgeH,
      @WhenMissing("168") double dryH,
      @Nullable List<Join> joins,
      @WhenMissing("0") double pieceKg,
      @WhenMissing("0") int spare) {
    GoodRequest {
      demouldAgeH = Double.isNaN(demouldAgeH) ? 24 : demouldAgeH;
      dryH = Double.isNaN(dryH) ? 168 : dryH;
      new Findings()
          .text("name", name, 80)
          .above("demouldAgeH", demouldAgeH, 0, 10_000)
          .within("dryH", dryH, 0, 10_000)
          .orRefuse();
    }

    private Good good(StepKinds kinds) {
      return new Good(
          name,
          Route.judged(steps, kinds).withAges(demouldAgeH, dryH),
          joins == null ? List.of() : joins,
          pieceKg,
          spare);
    }
  }

  /**
   * A piece that is wanted, and all that it may be made of.
   *
   * @param quantity of it, 1 to 100 000 (1)
   */
  record AssemblyRequest(List<GoodRequest> goods, String wanted, @WhenMissing("1") int quantity) {
    AssemblyRequest {
      quantity = quantity == 0 ? 1 : quantity;
      new Findings().list("goods", goods, 500).text("wanted", wanted, 80).orRefuse();
    }
  }

  private final StepKindService kinds;

  AssemblyCalcController(StepKindService kinds) {
    this.kinds = kinds;
  }

  @PostMapping("/api/calc/assembly")
  Assembly assembly(@RequestBody AssemblyRequest request) {
    StepKinds known = kinds.kinds();
    Goods goods = new Goods(request.goods().stream().map(g -> g.good(known)).toList());
    return Assembly.of(goods, request.wanted(), request.quantity());
  }
}
