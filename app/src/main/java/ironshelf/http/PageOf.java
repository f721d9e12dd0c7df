package ironshelf.http;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Page;

/** One page of a list. Pages count from 0. */
public record PageOf<T>(List<T> items, long total, int page, int size) {

  public static <E, T> PageOf<T> of(Page<E> page, Function<E, T> view) {
    return new PageOf<>(
        page.map(view).getContent(), page.getTotalElements(), page.getNumber(), page.getSize());
  }
}
