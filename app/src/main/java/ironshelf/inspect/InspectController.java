package ironshelf.inspect;

import static java.util.Objects.requireNonNull;

import ironshelf.core.piece.cause.Defect;
import ironshelf.core.piece.cause.FactName;
import ironshelf.core.piece.cause.PieceFacts;
import ironshelf.core.pour.script.PourFact;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ActKey;
import ironshelf.pour.Meant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class InspectController {

  /** What is seen, and what is known besides the records. */
  record CausesRequest(Defect defect, @Nullable Map<FactName, Double> told) {
    CausesRequest {
      new Findings().present("defect", defect).orRefuse();
      told = new PieceFacts(told == null ? Map.of() : told).known();
    }
  }

  private final InspectService inspections;
  private final CauseService causes;
  private final PractisedPour practised;

  InspectController(InspectService inspections, CauseService causes, PractisedPour practised) {
    this.inspections = inspections;
    this.causes = causes;
    this.practised = practised;
  }

  @GetMapping("/api/defects")
  List<DefectView> defects() {
    return causes.defects();
  }

  @GetMapping("/api/pieces/{id}/inspections")
  List<InspectionView> inspections(@PathVariable long id) {
    return inspections.ofPiece(id);
  }

  @PostMapping("/api/pieces/{id}/inspections")
  List<InspectionView> inspect(
      @PathVariable long id, @ActKey String key, @RequestBody InspectRequest request) {
    inspections.inspect(key, id, request);
    return inspections.ofPiece(id);
  }

  /** The likely causes of what is seen on a piece, by its own records first. */
  @PostMapping("/api/pieces/{id}/causes")
  List<CauseView> causes(@PathVariable long id, @RequestBody CausesRequest request) {
    return causes.causes(id, request.defect(), request.told());
  }

  /** The same of a piece that is not in the records. */
  @PostMapping("/api/calc/causes")
  List<CauseView> causes(@RequestBody CausesRequest request) {
    return causes.causes(request.defect(), new PieceFacts(request.told()));
  }

  /**
   * A practice that is over.
   *
   * @param meant as the pour's preview gave it
   */
  record PractisedRequest(@Nullable Meant meant, List<PourFact> facts) {
    PractisedRequest {
      new Findings().present("meant", meant).present("facts", facts).orRefuse();
    }
  }

  /** What pieces would have suffered of a pour that was only practised, and why. */
  @PostMapping("/api/calc/practised")
  List<PractisedPour.Suffered> practised(@RequestBody PractisedRequest request) {
    return practised.suffered(requireNonNull(request.meant()), request.facts());
  }

  @GetMapping("/api/seconds")
  List<InspectService.ToMend> toMend() {
    return inspections.toMend();
  }

  @PostMapping("/api/inspections/{id}/mended")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void mended(@PathVariable long id) {
    inspections.mended(id);
  }
}
