package ironshelf.standin;

import ironshelf.core.quantity.Findings;
import ironshelf.http.problem.ProblemException;
import ironshelf.workshop.WorkshopService;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The thermometer in the wax pot and, of the stand-in, its heat. */
@RestController
class ThermometerController {

  /** What it shows. */
  record ThermometerReading(double celsius) {}

  /** Whether the stand-in's pot is on its heat. */
  record HeatRequest(@Nullable Boolean heat) {
    HeatRequest {
      new Findings().present("heat", heat).orRefuse();
    }
  }

  private final SimulatedThermometer thermometer;
  private final WorkshopService workshop;

  ThermometerController(SimulatedThermometer thermometer, WorkshopService workshop) {
    this.thermometer = thermometer;
    this.workshop = workshop;
  }

  @GetMapping("/api/stand-ins/thermometer")
  ThermometerReading reading() {
    return new ThermometerReading(thermometer.celsius());
  }

  @PostMapping("/api/stand-ins/thermometer")
  ThermometerReading act(@RequestBody HeatRequest request) {
    if (!workshop.view().demo()) {
      throw ProblemException.conflict("standIn.absent", Map.of());
    }
    thermometer.heat(Boolean.TRUE.equals(request.heat()));
    return reading();
  }
}
