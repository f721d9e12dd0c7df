package ironshelf.store;

import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** All documents that are stored, read one after the other to see whether they can be. */
@Component
public class Documents {

  /**
   * What came of it.
   *
   * @param damaged the first of them, by name, table and number
   */
  public record Read(long rows, List<String> damaged) {}

  private final JsonColumns columns;
  private final JdbcTemplate sql;

  Documents(JsonColumns columns, JdbcTemplate sql) {
    this.columns = columns;
    this.sql = sql;
  }

  public Read readAll() {
    long rows = 0;
    List<String> damaged = new ArrayList<>();
    for (JsonColumns.Column column : columns.all()) {
      Long count =
          sql.queryForObject(
              "select count(" + column.column() + ") from " + column.table(), Long.class);
      rows += count == null ? 0 : count;
      damaged.addAll(columns.unreadable(column));
    }
    return new Read(rows, damaged);
  }
}
