package ironshelf.standin;

import ironshelf.core.quantity.Findings;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Duration;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The demo's clock, which can be set ahead so that nobody has to wait for concrete. */
@RestController
class ClockController {

  /**
   * @param minutes over 0 and up to 30 days
   */
  record ClockForwardRequest(double minutes) {
    ClockForwardRequest {
      new Findings().above("minutes", minutes, 0, 30 * 24 * 60).orRefuse();
    }
  }

  private final WorkshopService workshop;

  ClockController(WorkshopService workshop) {
    this.workshop = workshop;
  }

  @PostMapping("/api/stand-ins/clock")
  WorkshopView forward(@RequestBody ClockForwardRequest request) {
    return workshop.forward(Duration.ofSeconds(Math.round(request.minutes() * 60)));
  }
}
