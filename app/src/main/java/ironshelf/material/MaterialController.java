package ironshelf.material;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.core.material.Amount;
import ironshelf.core.material.StartingMaterial;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ActKey;
import ironshelf.http.PageOf;
import ironshelf.http.SeenVersion;
import ironshelf.http.Sorting;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MaterialController {

  /**
   * A delivery.
   *
   * @param code null: the next one of that material
   * @param amount as people say it, "6 bags", "20 L"; where no mass is given
   * @param price paid for all of it
   */
  record DeliveryRequest(
      @Nullable String code,
      @Nullable Double massKg,
      @Nullable String amount,
      @Nullable LocalDate staleOn,
      @Nullable BigDecimal price) {

    private static final BigDecimal MOST = new BigDecimal(10_000_000);

    DeliveryRequest {
      code = code == null || code.isBlank() ? null : code.strip();
      Findings findings = new Findings();
      if (code != null) {
        findings.text("code", code, 40);
      }
      if (massKg != null) {
        findings.above("massKg", massKg, 0, Findings.MAX_MASS_KG);
      } else {
        findings.text("amount", amount, 80);
      }
      findings.amount("price", price, MOST);
      findings.orRefuse();
      price = price == null ? null : price.setScale(2, RoundingMode.HALF_UP);
    }
  }

  /** An amount as somebody says it. */
  record AmountRequest(String text) {}

  /** Whether it is bought no more. */
  record RetiredRequest(boolean retired) {}

  /** What was found or lost, and why. */
  record LotRequest(double massKg, String reason) {
    LotRequest {
      new Findings()
          .within("massKg", massKg, 0, Findings.MAX_MASS_KG)
          .text("reason", reason, 200)
          .orRefuse();
    }
  }

  private final MaterialService materials;
  private final Stock stock;
  private final ActService acts;
  private final Clock clock;

  MaterialController(MaterialService materials, Stock stock, ActService acts, Clock clock) {
    this.materials = materials;
    this.stock = stock;
    this.acts = acts;
    this.clock = clock;
  }

  @GetMapping("/api/materials")
  List<StockView> stock() {
    return stock.all();
  }

  @GetMapping("/api/materials/{id}/movements")
  PageOf<MovementView> movements(@PathVariable long id, @ParameterObject Pageable page) {
    return materials.movements(id, Sorting.fixed(page));
  }

  @PutMapping("/api/materials/{id}")
  MaterialView change(
      @PathVariable long id, @SeenVersion long seen, @RequestBody MaterialRequest to) {
    return materials.change(id, seen, to);
  }

  @PostMapping("/api/materials")
  @ResponseStatus(HttpStatus.CREATED)
  MaterialView add(@RequestBody MaterialRequest material) {
    return materials.add(material);
  }

  @GetMapping("/api/materials/{id}")
  MaterialView material(@PathVariable long id) {
    return materials.byId(id);
  }

  @PutMapping("/api/materials/{id}/retired")
  MaterialView retire(@PathVariable long id, @RequestBody RetiredRequest to) {
    return materials.retire(id, to.retired());
  }

  /** How much somebody means: by pack, mass, volume or count. */
  @PostMapping("/api/materials/{id}/amount")
  Amount amount(@PathVariable long id, @RequestBody AmountRequest request) {
    return materials.amount(id, request.text());
  }

  @GetMapping("/api/starting-materials")
  List<StartingMaterial> starting() {
    return materials.shipped();
  }

  /** Takes a shipped material into the shop; one that is there already stays as it is. */
  @PostMapping("/api/starting-materials/{code}")
  @ResponseStatus(HttpStatus.CREATED)
  MaterialView adopt(@PathVariable String code) {
    return materials.adoptOnce(code);
  }

  @PostMapping("/api/materials/{id}/lots")
  @Transactional
  public List<StockView> receive(
      @PathVariable long id, @ActKey String key, @RequestBody DeliveryRequest delivery) {
    acts.once(
        key,
        "receive",
        () -> {
          Double massKg = delivery.massKg();
          double kg =
              massKg == null
                  ? materials.amount(id, requireNonNull(delivery.amount())).massKg()
                  : massKg;
          materials.receive(
              id, delivery.code(), kg(kg), clock.instant(), delivery.staleOn(), delivery.price());
          return id;
        });
    return stock.all();
  }

  @PostMapping("/api/lots/{id}/open")
  List<StockView> open(@PathVariable long id) {
    materials.open(id, clock.instant());
    return stock.all();
  }

  @PostMapping("/api/lots/{id}/count")
  @Transactional
  public List<StockView> count(
      @PathVariable long id, @ActKey String key, @RequestBody LotRequest found) {
    acts.once(
        key,
        "count",
        () -> {
          materials.count(id, kg(found.massKg()), found.reason(), clock.instant());
          return id;
        });
    return stock.all();
  }

  @PostMapping("/api/lots/{id}/waste")
  @Transactional
  public List<StockView> waste(
      @PathVariable long id, @ActKey String key, @RequestBody LotRequest lost) {
    acts.once(
        key,
        "waste",
        () -> {
          materials.waste(id, kg(lost.massKg()), lost.reason(), clock.instant());
          return id;
        });
    return stock.all();
  }

  private static BigDecimal kg(double mass) {
    return BigDecimal.valueOf(mass).setScale(4, RoundingMode.HALF_UP);
  }
}
