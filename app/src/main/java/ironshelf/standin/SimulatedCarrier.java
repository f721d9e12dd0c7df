package ironshelf.standin;

import ironshelf.http.problem.ProblemException;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The stand-in: in the demo two invented services and the customer's own hands; in a real shop,
 * which has no such services, what is delivered or booked elsewhere, and what is collected. It can
 * be told to fail.
 */
@Component
class SimulatedCarrier implements Carrier {

  /** A service and what it asks for: so much a parcel and so much a kg. */
  private record Tariff(CarrierService service, String perParcel, String perKg) {

    BigDecimal rate(double massKg) {
      return new BigDecimal(perParcel)
          .add(new BigDecimal(perKg).multiply(BigDecimal.valueOf(massKg)))
          .setScale(2, RoundingMode.HALF_UP);
    }
  }

  private static final Tariff COLLECTED =
      new Tariff(new CarrierService("collected", "Collected", 1_000, false), "0", "0");

  private static final List<Tariff> REAL =
      List.of(
          new Tariff(
              new CarrierService("elsewhere", "Own delivery, or booked elsewhere", 1_000, true),
              "0",
              "0"),
          COLLECTED);

  private static final List<Tariff> DEMO =
      List.of(
          new Tariff(new CarrierService("post", "Parcel post", 20, true), "3.90", "0.42"),
          new Tariff(new CarrierService("van", "River van", 30, true), "6.50", "0.18"),
          COLLECTED);

  private final WorkshopService workshop;

  private final AtomicBoolean failing = new AtomicBoolean();
  private final AtomicLong next = new AtomicLong(7_000_001);

  SimulatedCarrier(WorkshopService workshop) {
    this.workshop = workshop;
  }

  private boolean isDemo() {
    return workshop.view().demo();
  }

  private List<Tariff> tariffs() {
    return isDemo() ? DEMO : REAL;
  }

  void fail(boolean so) {
    failing.set(so);
  }

  boolean isFailing() {
    return failing.get();
  }

  @Override
  public List<CarrierService> services() {
    return tariffs().stream().map(Tariff::service).toList();
  }

  @Override
  public List<Rate> rates(List<ToSend> parcels) {
    return tariffs().stream()
        .filter(t -> parcels.stream().allMatch(p -> p.massKg() <= t.service.mostKg()))
        .map(
            t -> {
              List<BigDecimal> each = parcels.stream().map(p -> t.rate(p.massKg())).toList();
              return new Rate(
                  t.service.code(),
                  t.service.name(),
                  each.stream().reduce(BigDecimal.ZERO, BigDecimal::add),
                  each);
            })
        .toList();
  }

  @Override
  public List<Booked> book(String code, List<ToSend> parcels, @Nullable String address) {
    Tariff tariff =
        tariffs().stream()
            .filter(t -> t.service.code().equals(code))
            .findFirst()
            .orElseThrow(() -> ProblemException.unknown("carrier", code));
    if (tariff.service.needsAddress() && failing.get()) {
      throw ProblemException.conflict("carrier.failed", Map.of("carrier", tariff.service.name()));
    }
    if (tariff.service.needsAddress() && (address == null || address.isBlank())) {
      throw ProblemException.conflict(
          "carrier.noAddress", Map.of("carrier", tariff.service.name()));
    }
    parcels.stream()
        .filter(p -> p.massKg() > tariff.service.mostKg())
        .findFirst()
        .ifPresent(
            p -> {
              throw ProblemException.conflict(
                  "carrier.tooHeavy",
                  Map.of(
                      "carrier",
                      tariff.service.name(),
                      "value",
                      p.massKg(),
                      "most",
                      tariff.service.mostKg()));
            });
    return parcels.stream()
        .map(
            p ->
                new Booked(
                    p.number(),
                    tariff.service.needsAddress() && isDemo()
                        ? "SIM" + next.getAndIncrement()
                        : "by hand",
                    tariff.rate(p.massKg())))
        .toList();
  }
}
