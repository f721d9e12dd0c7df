package ironshelf.mould.calc;

import ironshelf.core.mould.mesh.MeshReport;
import ironshelf.core.mould.mesh.MeshUnit;
import ironshelf.core.mould.solid.MeshSolid;
import ironshelf.http.Upload;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Measures an STL file, sent as the request's body. */
@RestController
class MeshCalcController {

  /**
   * {@link MeshReport}: the solid can be sent on as a cavity or core.
   *
   * @param watertight always true: what is not is refused
   */
  record MeshCalcResponse(
      int triangles,
      boolean watertight,
      double volumeL,
      double areaM2,
      double lengthMm,
      double depthMm,
      double heightMm,
      MeshSolid solid,
      List<FindingView> warnings) {}

  private final Catalogue catalogue;

  MeshCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping(path = "/api/calc/mesh", consumes = Upload.ANY_TYPE)
  MeshCalcResponse mesh(
      @RequestParam(defaultValue = "mm") MeshUnit unit, HttpServletRequest request)
      throws IOException {
    MeshReport report = MeshReport.of(Upload.bytes(request), unit);
    return new MeshCalcResponse(
        report.triangles(),
        true,
        report.volumeL(),
        report.areaM2(),
        report.lengthMm(),
        report.depthMm(),
        report.heightMm(),
        report.solid(),
        catalogue.views(report.warnings()));
  }
}
