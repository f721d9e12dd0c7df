package ironshelf.finish;

import ironshelf.core.finish.WaxFill;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Scented wax, stateless. */
@RestController
class WaxCalcController {

  @PostMapping("/api/calc/wax-fill")
  WaxFill waxFill(@RequestBody WaxFill.WaxRequest request) {
    return WaxFill.of(request);
  }
}
