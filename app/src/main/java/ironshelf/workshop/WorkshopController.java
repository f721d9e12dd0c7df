package ironshelf.workshop;

import ironshelf.http.IfMatch;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
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
  WorkshopView change(
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody WorkshopChange to) {
    return workshop.change(IfMatch.version(ifMatch), to);
  }
}
