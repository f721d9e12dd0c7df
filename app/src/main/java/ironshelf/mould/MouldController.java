package ironshelf.mould;

import ironshelf.copy.CopyRequest;
import ironshelf.core.mould.starting.LeastWalls;
import ironshelf.http.PageOf;
import ironshelf.http.SeenVersion;
import ironshelf.http.Sorting;
import java.util.List;
import java.util.Locale;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.data.web.PageableDefault;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MouldController {

  private final MouldService moulds;

  MouldController(MouldService moulds) {
    this.moulds = moulds;
  }

  @GetMapping("/api/moulds")
  PageOf<MouldView> moulds(
      @RequestParam(defaultValue = "") String search,
      @ParameterObject @PageableDefault(size = 50, sort = "name", direction = Sort.Direction.ASC)
          Pageable page) {
    return moulds.moulds(search, Sorting.by(page, List.of("name", "id")));
  }

  @GetMapping("/api/moulds/{id}")
  MouldView mould(@PathVariable long id) {
    return moulds.mould(id);
  }

  @GetMapping("/api/mould-kinds")
  List<MouldService.KindView> kinds() {
    return moulds.kinds();
  }

  @PostMapping("/api/moulds")
  @ResponseStatus(HttpStatus.CREATED)
  MouldView add(@RequestBody NewMould mould) {
    return moulds.mould(moulds.add(mould));
  }

  @PutMapping("/api/moulds/{id}")
  MouldView change(@PathVariable long id, @SeenVersion long seen, @RequestBody NewMould to) {
    moulds.change(id, seen, to);
    return moulds.mould(id);
  }

  /** A code that one more copy could have: free, and like those of its siblings. */
  record NextCode(String code) {}

  @GetMapping("/api/moulds/{id}/next-copy")
  NextCode nextCopy(@PathVariable long id) {
    return new NextCode(moulds.nextCopyCode(id));
  }

  /** The least wall that things of a family want in a mix of that binder class. */
  record LeastWall(double leastWallMm) {}

  @GetMapping("/api/calc/least-wall")
  LeastWall leastWall(@RequestParam Family family, @RequestParam(required = false) String mix) {
    return new LeastWall(LeastWalls.mm(family.name().toLowerCase(Locale.ROOT), mix));
  }

  @PostMapping("/api/moulds/{id}/copies")
  @ResponseStatus(HttpStatus.CREATED)
  MouldView addCopy(@PathVariable long id, @RequestBody CopyRequest copy) {
    moulds.addCopy(id, copy);
    return moulds.mould(id);
  }
}
