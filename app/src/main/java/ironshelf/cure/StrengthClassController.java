package ironshelf.cure;

import ironshelf.core.cure.binder.BinderClass;
import ironshelf.core.cure.binder.BinderClasses;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The binder classes shipped, and how strong each is at the ages that people ask for. */
@RestController
class StrengthClassController {

  private static final int[] DAYS = {1, 3, 7};

  /**
   * A class.
   *
   * @param shares of its strength at 28 days
   */
  record StrengthClass(String code, String name, List<StrengthShare> shares) {}

  /** How much of its 28-day strength it has by then, 0 to 1. */
  record StrengthShare(int days, double share) {}

  @GetMapping("/api/strength-classes")
  List<StrengthClass> classes() {
    return BinderClasses.shipped().all().stream().map(StrengthClassController::view).toList();
  }

  private static StrengthClass view(BinderClass binder) {
    return new StrengthClass(
        binder.code(),
        binder.name(),
        IntStream.of(DAYS)
            .mapToObj(d -> new StrengthShare(d, binder.curve().shareAt(d * 24.0)))
            .toList());
  }
}
