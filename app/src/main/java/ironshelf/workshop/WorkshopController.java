package ironshelf.workshop;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WorkshopController {

  private final WorkshopService workshop;

  WorkshopController(WorkshopService workshop) {
    this.workshop = workshop;
  }

  @GetMapping("/api/workshop")
  WorkshopView workshop() {
    return workshop.view();
  }
}
