package ironshelf.mould;

import ironshelf.http.PageOf;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.data.web.PageableDefault;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
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
    return moulds.moulds(search, page);
  }

  @GetMapping("/api/moulds/{id}")
  MouldView mould(@PathVariable long id) {
    return moulds.mould(id);
  }
}
