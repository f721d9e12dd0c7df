package ironshelf.cure;

import static java.util.Objects.requireNonNull;

import ironshelf.core.cure.Demould;
import ironshelf.core.cure.DemouldRequest;
import ironshelf.core.cure.DemouldResult;
import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The demould gate, stateless. */
@RestController
class DemouldCalcController {

  /** {@link DemouldRequest} and {@link Maturity} side by side. */
  record DemouldCalcRequest(
      @Nullable List<TemperatureSpan> history,
      @Nullable List<TemperatureSpan> forecast,
      double demouldAgeH,
      @Nullable Double greenUntilAgeH,
      @Nullable MaturityMethod method,
      @WhenMissing("5000") double activationK,
      @WhenMissing("0") double datumC,
      @WhenMissing("20") double referenceC,
      @Nullable StrengthCurve curve,
      @WhenMissing("30") double strength28Mpa) {

    DemouldRequest toCore() {
      Findings findings = new Findings();
      Maturity maturity =
          findings.attempt(() -> new Maturity(method, activationK, datumC, referenceC));
      DemouldRequest request =
          findings.attempt(
              () ->
                  new DemouldRequest(
                      history,
                      forecast,
                      demouldAgeH,
                      greenUntilAgeH,
                      maturity,
                      curve,
                      strength28Mpa));
      findings.orRefuse();
      return requireNonNull(request);
    }
  }

  /** {@link DemouldResult} with the warnings in words. */
  record DemouldCalcResponse(
      @Nullable Double readyInH,
      @Nullable Double greenClosesInH,
      double equivalentAgeH,
      double strengthFraction,
      List<FindingView> warnings) {}

  private final Catalogue catalogue;

  DemouldCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/demould")
  DemouldCalcResponse demould(@RequestBody DemouldCalcRequest request) {
    DemouldResult result = Demould.of(request.toCore());
    return new DemouldCalcResponse(
        result.readyInH(),
        result.greenClosesInH(),
        result.equivalentAgeH(),
        result.strengthFraction(),
        catalogue.views(result.warnings()));
  }
}
