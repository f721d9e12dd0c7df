package ironshelf.lettering;

import ironshelf.core.lettering.Lettering;
import ironshelf.core.lettering.LetteringRequest;
import ironshelf.http.SeenVersion;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LetteringController {

  private final StampSetService sets;

  LetteringController(StampSetService sets) {
    this.sets = sets;
  }

  @PostMapping("/api/calc/lettering")
  Lettering lettering(@RequestBody LetteringRequest request) {
    return Lettering.of(request);
  }

  @GetMapping("/api/stamp-sets")
  List<StampSetView> all() {
    return sets.all();
  }

  @PostMapping("/api/stamp-sets")
  @ResponseStatus(HttpStatus.CREATED)
  StampSetView add(@RequestBody StampSetRequest wanted) {
    return sets.add(wanted);
  }

  @PutMapping("/api/stamp-sets/{id}")
  StampSetView change(
      @PathVariable long id, @SeenVersion long seen, @RequestBody StampSetRequest to) {
    return sets.change(id, seen, to);
  }

  @DeleteMapping("/api/stamp-sets/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    sets.remove(id);
  }
}
