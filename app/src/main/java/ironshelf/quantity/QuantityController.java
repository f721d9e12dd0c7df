package ironshelf.quantity;

import ironshelf.core.quantity.Dimension;
import ironshelf.core.quantity.QuantityReader;
import ironshelf.core.quantity.Reading;
import ironshelf.workshop.WorkshopService;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class QuantityController {

  /** A typed quantity and what it should measure; both are checked by the reader. */
  record QuantityRequest(@Nullable String text, @Nullable Dimension dimension) {}

  private final WorkshopService workshop;

  QuantityController(WorkshopService workshop) {
    this.workshop = workshop;
  }

  @PostMapping("/api/quantities/read")
  Reading read(@RequestBody QuantityRequest request) {
    return new QuantityReader(workshop.view().cup()).read(request.text(), request.dimension());
  }
}
