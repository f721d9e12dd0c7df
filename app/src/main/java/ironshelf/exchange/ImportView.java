package ironshelf.exchange;

import ironshelf.http.problem.FindingView;
import java.util.List;

/**
 * What a table would do, or did.
 *
 * @param applied whether it was done; never in part
 */
public record ImportView(
    List<Row> rows, int fresh, int changed, int same, int refused, boolean applied) {

  /** What becomes of a row. */
  public enum What {
    FRESH,
    CHANGED,
    SAME,
    REFUSED
  }

  /**
   * One row of the table, counted from 1 without its head.
   *
   * @param errors empty unless it is refused
   */
  public record Row(int number, What what, String name, List<FindingView> errors) {}

  static ImportView of(List<Row> rows, boolean applied) {
    return new ImportView(
        rows,
        count(rows, What.FRESH),
        count(rows, What.CHANGED),
        count(rows, What.SAME),
        count(rows, What.REFUSED),
        applied);
  }

  private static int count(List<Row> rows, What what) {
    return (int) rows.stream().filter(r -> r.what == what).count();
  }
}
