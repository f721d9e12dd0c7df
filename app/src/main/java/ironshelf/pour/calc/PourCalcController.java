package ironshelf.pour.calc;

import ironshelf.core.pour.script.PourFact;
import ironshelf.core.pour.script.PourScript;
import ironshelf.core.pour.script.PourSheet;
import ironshelf.http.problem.Catalogue;
import ironshelf.pour.script.PourStateView;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What follows from a sheet and the facts of a pour. */
@RestController
class PourCalcController {

  private final Catalogue catalogue;

  PourCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  /** What is meant, and what happened. */
  record PourCalcRequest(PourSheet sheet, List<PourFact> facts) {}

  @PostMapping("/api/calc/pour")
  PourStateView pour(@RequestBody PourCalcRequest request) {
    return PourStateView.of(PourScript.of(request.sheet(), request.facts()).state(), catalogue);
  }
}
