package ironshelf.shelf.place;

import ironshelf.core.cure.Tent;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ActKey;
import ironshelf.shelf.ShelfService;
import ironshelf.shelf.ShelfView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where castings stand in their moulds, and what warmth would do. */
@RestController
class PlaceController {

  /**
   * Castings brought to a place.
   *
   * @param place the room, or a warm station's code
   */
  record BringRequest(List<Long> castIds, String place) {
    BringRequest {
      new Findings().list("castIds", castIds, 500).text("place", place, 40).orRefuse();
    }
  }

  /** By when a casting is wanted out. */
  record TentForCastRequest(@Nullable Long castId, @Nullable Instant outAt) {
    TentForCastRequest {
      new Findings().present("castId", castId).present("outAt", outAt).orRefuse();
    }
  }

  private final PlaceService places;
  private final ShelfService shelf;

  PlaceController(PlaceService places, ShelfService shelf) {
    this.places = places;
    this.shelf = shelf;
  }

  @PostMapping("/api/shelf/places")
  ShelfView bring(@ActKey String key, @RequestBody BringRequest request) {
    places.bring(key, request.castIds(), request.place());
    return shelf.shelf();
  }

  /** How warm a tent would have to be. */
  @PostMapping("/api/shelf/tent")
  Tent tent(@RequestBody TentForCastRequest request) {
    return places.tent(request.castId(), request.outAt());
  }
}
