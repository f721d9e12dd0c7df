package ironshelf.mould.calc;

import static java.util.Objects.requireNonNullElse;

import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.mould.planar.ReadyOutline;
import ironshelf.core.mould.planar.SvgPath;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Makes outlines of a few measures or of an SVG path, and volumes of what a scale said. */
@RestController
class OutlineCalcController {

  /**
   * One of the two.
   *
   * @param mmPerUnit size of the drawing's unit
   */
  record OutlineCalcRequest(
      @Nullable ReadyOutline ready, @Nullable String svgPath, @WhenMissing("1") double mmPerUnit) {}

  /** The points of an outline and its size. */
  record OutlineCalcResponse(
      List<PlanPoint> points, double areaMm2, double lengthMm, double widthMm) {}

  /**
   * What a scale said of a mould.
   *
   * @param freshDensityKgM3 of the wet mix that was weighed
   * @param dryKgM3 what a cubic metre of wet mix has of the dry mix that was weighed
   */
  record MeasuredCalcRequest(
      Measured.@Nullable How how,
      double massKg,
      @WhenMissing("none") double freshDensityKgM3,
      @WhenMissing("none") double dryKgM3) {}

  @PostMapping("/api/calc/outline")
  OutlineCalcResponse outline(@RequestBody OutlineCalcRequest request) {
    ReadyOutline ready = request.ready();
    if (ready == null) {
      new Findings().present("svgPath", request.svgPath()).orRefuse();
    }
    List<PlanPoint> points =
        ready != null
            ? ready.points()
            : SvgPath.read(
                requireNonNullElse(request.svgPath(), ""),
                Double.isNaN(request.mmPerUnit()) ? 1 : request.mmPerUnit());
    var figure = Planes.polygon(PlanPoint.flatten(points));
    var box = figure.getEnvelopeInternal();
    return new OutlineCalcResponse(points, figure.getArea(), box.getWidth(), box.getHeight());
  }

  @PostMapping("/api/calc/measured")
  Measured measured(@RequestBody MeasuredCalcRequest request) {
    return Measured.of(
        request.how(),
        request.massKg(),
        request.how() == Measured.How.DRY_MIX_FILL
            ? request.dryKgM3()
            : request.freshDensityKgM3());
  }
}
