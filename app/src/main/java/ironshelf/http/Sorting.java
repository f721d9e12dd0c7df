package ironshelf.http;

import ironshelf.http.problem.ProblemException;
import java.util.List;
import java.util.Map;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;

/** By what a list may be sorted. */
public final class Sorting {

  private Sorting() {}

  /**
   * The page as it was asked for.
   *
   * @param by the columns that it may be sorted by
   * @throws ProblemException where it is to be sorted by another
   */
  public static Pageable by(Pageable page, List<String> by) {
    for (Sort.Order order : page.getSort()) {
      if (!by.contains(order.getProperty())) {
        throw ProblemException.bad(
            "request.sort", Map.of("value", order.getProperty(), "wanted", String.join(", ", by)));
      }
    }
    return page;
  }

  /** The page of a list that has an order of its own. */
  public static Pageable fixed(Pageable page) {
    return PageRequest.of(page.getPageNumber(), page.getPageSize());
  }
}
