package ironshelf.cure;

import ironshelf.core.cure.DemouldRequest;
import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.Tent;
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

/** How old a history makes concrete, and how warm it must be to be old enough in time. */
@RestController
class MaturityCalcController {

  /** A history, and how temperature counts in it. */
  record MaturityRequest(
      List<TemperatureSpan> history,
      @Nullable MaturityMethod method,
      @WhenMissing("5000") double activationK,
      @WhenMissing("0") double datumC,
      @WhenMissing("20") double referenceC) {

    MaturityRequest {
      Findings findings = new Findings();
      DemouldRequest.refuseBadSpans(
          findings.list("history", history, MOST_SPANS), "history", history);
      findings.orRefuse();
    }
  }

  /**
   * Its age.
   *
   * @param equivalentAgeH hours at the reference temperature
   * @param maturityCh degree-hours over the datum
   */
  record MaturityResponse(double equivalentAgeH, double maturityCh) {}

  /** A casting that must come out by a moment. */
  record TentRequest(
      @Nullable List<TemperatureSpan> history,
      double hoursLeft,
      double demouldAgeH,
      @Nullable MaturityMethod method,
      @WhenMissing("5000") double activationK,
      @WhenMissing("0") double datumC,
      @WhenMissing("20") double referenceC) {}

  /** {@link Tent} with its warnings in words. */
  record TentResponse(double tentC, boolean reached, double readyInH, List<FindingView> warnings) {}

  private static final int MOST_SPANS = 100_000;

  private final Catalogue catalogue;

  MaturityCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/maturity")
  MaturityResponse maturity(@RequestBody MaturityRequest request) {
    Maturity maturity =
        new Maturity(
            request.method(), request.activationK(), request.datumC(), request.referenceC());
    return new MaturityResponse(
        maturity.equivalentAgeH(request.history()), maturity.degreeHours(request.history()));
  }

  @PostMapping("/api/calc/tent")
  TentResponse tent(@RequestBody TentRequest request) {
    Tent tent =
        Tent.of(
            request.history() == null ? List.of() : request.history(),
            request.hoursLeft(),
            request.demouldAgeH(),
            new Maturity(
                request.method(), request.activationK(), request.datumC(), request.referenceC()));
    return new TentResponse(
        tent.tentC(), tent.reached(), tent.readyInH(), catalogue.views(tent.warnings()));
  }
}
