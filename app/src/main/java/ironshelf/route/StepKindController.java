package ironshelf.route;

import static java.util.stream.Collectors.toSet;

import ironshelf.core.route.RouteStep;
import ironshelf.http.SeenVersion;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StepKindController {

  private final StepKindService kinds;
  private final RouteService routes;

  StepKindController(StepKindService kinds, RouteService routes) {
    this.kinds = kinds;
    this.routes = routes;
  }

  private Set<String> used() {
    return routes.allCurrent().values().stream()
        .flatMap(r -> r.route().steps().stream())
        .map(RouteStep::step)
        .collect(toSet());
  }

  @GetMapping("/api/step-kinds")
  List<StepKindView> all() {
    return kinds.all(used());
  }

  @PostMapping("/api/step-kinds")
  @ResponseStatus(HttpStatus.CREATED)
  StepKindView add(@RequestBody StepKindService.OwnKind wanted) {
    return kinds.add(wanted);
  }

  @PutMapping("/api/step-kinds/{id}")
  StepKindView say(
      @PathVariable long id, @SeenVersion long seen, @RequestBody StepKindService.KindWords words) {
    return kinds.say(id, seen, words, used());
  }
}
