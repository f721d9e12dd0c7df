package ironshelf.recipe.calc;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.MixHeat;
import ironshelf.core.recipe.WorkingTime;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How warm a mix is when it comes together, and how cold its water must be. */
@RestController
class MixTemperatureCalcController {

  private static final double DAY_MIN = 1_440;

  /**
   * What comes together (ACI 305R).
   *
   * @param waterKg all mixing water, ice included
   * @param iceKg of it
   * @param workingMinAt20C null where nothing is asked about minutes
   * @param minutesWanted of work; null where nothing is asked about cooling
   */
  record MixTemperatureRequest(
      double solidsKg,
      double solidsC,
      double waterKg,
      double waterC,
      @WhenMissing("0") double iceKg,
      @Nullable Double workingMinAt20C,
      @Nullable Double minutesWanted) {

    MixTemperatureRequest {
      iceKg = Double.isNaN(iceKg) ? 0 : iceKg;
      Findings findings =
          new Findings()
              .within("waterC", waterC, 0, 95)
              .within("iceKg", iceKg, 0, Findings.MAX_MASS_KG)
              .addIf(
                  iceKg > waterKg,
                  FindingCode.NUMBER_TOO_LARGE,
                  "iceKg",
                  Map.of("value", iceKg, "high", waterKg));
      if (workingMinAt20C != null) {
        findings.above("workingMinAt20C", workingMinAt20C, 0, DAY_MIN);
      }
      if (minutesWanted != null) {
        findings.above("minutesWanted", minutesWanted, 0, DAY_MIN);
      }
      findings.orRefuse();
    }
  }

  /**
   * How warm it is.
   *
   * @param workingMin null where no working time was given
   * @param cooling what leaves the minutes wanted; null where none were asked for
   */
  record MixTemperatureResponse(
      double mixC, @Nullable Double workingMin, MixHeat.@Nullable Cooling cooling) {}

  @PostMapping("/api/calc/mix-temperature")
  MixTemperatureResponse mixTemperature(@RequestBody MixTemperatureRequest request) {
    MixHeat heat = new MixHeat(request.solidsKg(), request.solidsC(), request.waterKg());
    double mixC = heat.mixC(request.waterC(), request.iceKg(), "iceKg");
    Double at20 = request.workingMinAt20C();
    return new MixTemperatureResponse(
        mixC,
        at20 == null ? null : WorkingTime.minutes(at20, mixC),
        request.minutesWanted() == null ? null : heat.coolingFor(at20, request.minutesWanted()));
  }
}
