package ironshelf.quantity;

import ironshelf.core.quantity.DecimalMark;
import ironshelf.core.quantity.Dimension;
import ironshelf.core.quantity.Reading;
import ironshelf.workshop.WorkshopService;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class QuantityController {

  /**
   * A typed quantity and what it should measure; both are checked by the reader.
   *
   * @param mark which sign parts decimals where it was typed; null: as the shop's units have it
   */
  record QuantityRequest(
      @Nullable String text, @Nullable Dimension dimension, @Nullable DecimalMark mark) {}

  private final WorkshopService workshop;

  QuantityController(WorkshopService workshop) {
    this.workshop = workshop;
  }

  @PostMapping("/api/quantities/read")
  Reading read(@RequestBody QuantityRequest request) {
    return workshop.view().quantities(request.mark()).read(request.text(), request.dimension());
  }
}
