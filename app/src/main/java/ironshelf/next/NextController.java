package ironshelf.next;

import java.time.LocalTime;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NextController {

  private final NextService next;

  NextController(NextService next) {
    this.next = next;
  }

  /**
   * What to do next, and how much of it fits.
   *
   * @param by a time of day: today, or tomorrow where it has passed
   */
  @GetMapping("/api/next")
  NextView next(@RequestParam LocalTime by) {
    return next.by(by);
  }
}
