package ironshelf.workshop;

import ironshelf.http.SeenVersion;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
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

  @PutMapping("/api/workshop")
  WorkshopView change(@SeenVersion long seen, @RequestBody WorkshopChange to) {
    return workshop.change(seen, to);
  }
}
