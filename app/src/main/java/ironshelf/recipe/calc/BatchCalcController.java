package ironshelf.recipe.calc;

import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.MixHeat;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The batch sum, stateless. */
@RestController
class BatchCalcController {

  /** {@link BatchResult} with the warnings in words. */
  record BatchCalcResponse(
      List<BatchResult.Line> lines,
      double yieldL,
      double freshDensityKgM3,
      double waterBinderRatio,
      double pigmentPercentOfBinder,
      double mixC,
      @Nullable Double workingMin,
      BatchResult.@Nullable Water water,
      MixHeat.@Nullable Cooling cooling,
      List<BatchResult.Batch> batches,
      List<FindingView> warnings) {}

  private final Catalogue catalogue;

  BatchCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/batch")
  BatchCalcResponse batch(@RequestBody BatchRequest request) {
    BatchResult result = BatchSum.of(request);
    return new BatchCalcResponse(
        result.lines(),
        result.yieldL(),
        result.freshDensityKgM3(),
        result.waterBinderRatio(),
        result.pigmentPercentOfBinder(),
        result.mixC(),
        result.workingMin(),
        result.water(),
        result.cooling(),
        result.batches(),
        catalogue.views(result.warnings()));
  }
}
