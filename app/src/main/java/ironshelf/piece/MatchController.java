package ironshelf.piece;

import ironshelf.core.piece.Matching;
import java.util.List;
import java.util.Objects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pairs and sets of ready pieces that weigh alike. */
@RestController
class MatchController {

  /** More than these are in no one's stock of one product. */
  private static final int MOST = 5_000;

  private final PieceService pieces;

  MatchController(PieceService pieces) {
    this.pieces = pieces;
  }

  /**
   * Sets of a product's ready pieces; the shade is the number of the colourway.
   *
   * @param size of a set
   * @param toleranceKg that the masses of a set may differ by
   */
  @GetMapping("/api/products/{id}/sets")
  Matching sets(
      @PathVariable long id,
      @RequestParam(defaultValue = "2") int size,
      @RequestParam double toleranceKg) {
    List<Matching.Item> items =
        pieces.spareWeighed(id, MOST).stream()
            .map(
                p ->
                    new Matching.Item(
                        p.id(),
                        Objects.requireNonNull(p.massKg()).doubleValue(),
                        String.valueOf(p.colourwayId())))
            .toList();
    return Matching.of(items, size, toleranceKg);
  }
}
