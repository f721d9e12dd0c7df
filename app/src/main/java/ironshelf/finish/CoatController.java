package ironshelf.finish;

import ironshelf.core.finish.Coat;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.SealedFaces;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.route.RouteService;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The sealer of a coat, for pieces at that step of their route. */
@RestController
class CoatController {

  /**
   * @param areaM2 of one piece, as far as it is sealed; null where its mould was only measured
   * @param coat null while neither that nor what the first piece took is known
   * @param gramsPerM2 0 where the route does not say it
   * @param gapMin until the next coat
   */
  record CoatView(
      @Nullable Double areaM2,
      @Nullable Coat coat,
      @Nullable SealedFaces faces,
      double gramsPerM2,
      double gapMin) {
    CoatView(@Nullable Double areaM2, @Nullable Coat coat, RouteStep step) {
      this(areaM2, coat, step.faces(), step.gramsPerM2(), step.gapMin());
    }
  }

  private final RouteService routes;
  private final MouldService moulds;

  CoatController(RouteService routes, MouldService moulds) {
    this.routes = routes;
    this.moulds = moulds;
  }

  /**
   * @param tookKg what the first piece took; it counts before the route's own figure
   */
  @GetMapping("/api/routes/{routeId}/steps/{stepNo}/coat")
  CoatView coat(
      @PathVariable long routeId,
      @PathVariable int stepNo,
      @RequestParam long mouldId,
      @RequestParam int pieces,
      @RequestParam(required = false) @Nullable Double tookKg) {
    RouteStep step = step(routeId, stepNo);
    Double areaM2 = sealedM2(moulds.mould(mouldId), step.faces());
    if (tookKg != null) {
      return new CoatView(areaM2, Coat.ofEach(tookKg, pieces), step);
    }
    return new CoatView(
        areaM2,
        areaM2 == null || step.gramsPerM2() == 0
            ? null
            : Coat.ofFaces(areaM2, step.gramsPerM2(), pieces),
        step);
  }

  private RouteStep step(long routeId, int stepNo) {
    List<RouteStep> steps = routes.route(routeId).route().steps();
    if (stepNo < 0 || stepNo >= steps.size()) {
      throw ProblemException.unknown("step", stepNo);
    }
    return steps.get(stepNo);
  }

  private static @Nullable Double sealedM2(MouldView mould, @Nullable SealedFaces faces) {
    MouldResult.Surface surface =
        MouldSum.of(mould.shape(), MouldSum.ORDINARY_KG_M3, 0, 0, mould.wallKind()).surface();
    if (surface == null) {
      return null;
    }
    double ofCast = faces == SealedFaces.INSIDE ? surface.insideM2() : surface.allM2();
    return ofCast / mould.shape().cavities();
  }
}
