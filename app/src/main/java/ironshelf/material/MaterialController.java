package ironshelf.material;

import ironshelf.act.ActService;
import ironshelf.core.quantity.Findings;
import ironshelf.http.IfMatch;
import ironshelf.http.PageOf;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MaterialController {

  /** A delivery. */
  record DeliveryRequest(String code, double massKg, @Nullable LocalDate staleOn) {
    DeliveryRequest {
      new Findings()
          .text("code", code, 40)
          .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
          .orRefuse();
    }
  }

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
  private final WorkshopService workshop;
  private final ActService acts;
  private final Clock clock;

  MaterialController(
      MaterialService materials, WorkshopService workshop, ActService acts, Clock clock) {
    this.materials = materials;
    this.workshop = workshop;
    this.acts = acts;
    this.clock = clock;
  }

  @GetMapping("/api/materials")
  List<StockView> stock() {
    return materials.stock();
  }

  @GetMapping("/api/materials/{id}/movements")
  PageOf<MovementView> movements(@PathVariable long id, @ParameterObject Pageable page) {
    return materials.movements(id, page);
  }

  @PutMapping("/api/materials/{id}")
  MaterialView change(
      @PathVariable long id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody MaterialChange to) {
    return materials.change(id, IfMatch.version(ifMatch), to, workshop.view().scoopL());
  }

  @PostMapping("/api/materials/{id}/lots")
  @Transactional
  public List<StockView> receive(
      @PathVariable long id,
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody DeliveryRequest delivery) {
    acts.once(
        key,
        "receive",
        () -> {
          materials.receive(
              id,
              delivery.code().strip(),
              kg(delivery.massKg()),
              clock.instant(),
              delivery.staleOn());
          return id;
        });
    return materials.stock();
  }

  @PostMapping("/api/lots/{id}/open")
  List<StockView> open(@PathVariable long id) {
    materials.open(id, clock.instant());
    return materials.stock();
  }

  @PostMapping("/api/lots/{id}/count")
  @Transactional
  public List<StockView> count(
      @PathVariable long id,
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody LotRequest found) {
    acts.once(
        key,
        "count",
        () -> {
          materials.count(id, kg(found.massKg()), found.reason(), clock.instant());
          return id;
        });
    return materials.stock();
  }

  @PostMapping("/api/lots/{id}/waste")
  @Transactional
  public List<StockView> waste(
      @PathVariable long id,
      @RequestHeader(name = "Idempotency-Key", required = false) @Nullable String key,
      @RequestBody LotRequest lost) {
    acts.once(
        key,
        "waste",
        () -> {
          materials.waste(id, kg(lost.massKg()), lost.reason(), clock.instant());
          return id;
        });
    return materials.stock();
  }

  private static BigDecimal kg(double mass) {
    return BigDecimal.valueOf(mass).setScale(4, RoundingMode.HALF_UP);
  }
}
