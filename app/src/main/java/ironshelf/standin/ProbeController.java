package ironshelf.standin;

import ironshelf.core.quantity.Findings;
import ironshelf.http.problem.ProblemException;
import ironshelf.workshop.WorkshopService;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is done to the stand-in probes of the demo. */
@RestController
class ProbeController {

  /**
   * @param coldHours makes the next so many hours cold, over 0 and up to 48
   * @param heaterC sets the tent's heater, 0 to 70
   * @param place whose probe {@code fails} is about
   */
  record ProbeRequest(
      @Nullable Double coldHours,
      @Nullable Double heaterC,
      @Nullable String place,
      @Nullable Boolean fails) {
    ProbeRequest {
      Findings findings = new Findings();
      if (coldHours != null) {
        findings.above("coldHours", coldHours, 0, 48);
      }
      if (heaterC != null) {
        findings.within("heaterC", heaterC, 0, 70);
      }
      if (fails != null) {
        findings.present("place", place);
      }
      findings.orRefuse();
    }
  }

  private final SimulatedProbes probes;
  private final WorkshopService workshop;

  ProbeController(SimulatedProbes probes, WorkshopService workshop) {
    this.probes = probes;
    this.workshop = workshop;
  }

  @PostMapping("/api/stand-ins/probes")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void act(@RequestBody ProbeRequest request) {
    if (!workshop.view().demo()) {
      throw ProblemException.conflict("standIn.absent", Map.of());
    }
    if (request.coldHours() != null) {
      probes.cold(request.coldHours());
    }
    if (request.heaterC() != null) {
      probes.heater(request.heaterC());
    }
    if (request.place() != null && request.fails() != null) {
      if (!probes.places().contains(request.place())) {
        throw ProblemException.unknown("probe", request.place());
      }
      probes.fail(request.place(), request.fails());
    }
  }
}
