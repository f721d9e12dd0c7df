package ironshelf.standin;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Lets the stand-in fail, to see what happens then. */
@RestController
class CarrierController {

  /** Whether it fails. */
  record CarrierState(boolean failing) {}

  private final SimulatedCarrier carrier;

  CarrierController(SimulatedCarrier carrier) {
    this.carrier = carrier;
  }

  @GetMapping("/api/stand-in/carrier")
  CarrierState state() {
    return new CarrierState(carrier.isFailing());
  }

  @PutMapping("/api/stand-in/carrier")
  CarrierState set(@RequestBody CarrierState to) {
    carrier.fail(to.failing());
    return state();
  }
}
