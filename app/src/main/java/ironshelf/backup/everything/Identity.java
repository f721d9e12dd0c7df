package ironshelf.backup.everything;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** Numbers that the database gives go on after the highest that came in. */
final class Identity {

  private Identity() {}

  static void goOnAfter(Connection database, KeptTable table) throws SQLException {
    String query =
        """
        select column_name from information_schema.columns
        where table_schema = 'PUBLIC' and is_identity = 'YES' and table_name = '%s'
        """
            .formatted(table.name());
    try (Statement sql = database.createStatement();
        ResultSet columns = sql.executeQuery(query)) {
      while (columns.next()) {
        restart(database, table.name(), columns.getString(1));
      }
    }
  }

  private static void restart(Connection database, String table, String column)
      throws SQLException {
    try (Statement sql = database.createStatement();
        ResultSet highest =
            sql.executeQuery(
                "select coalesce(max(\"%s\"), 0) + 1 from \"%s\"".formatted(column, table))) {
      highest.next();
      long next = highest.getLong(1);
      try (Statement alter = database.createStatement()) {
        alter.execute(
            "alter table \"%s\" alter column \"%s\" restart with %d"
                .formatted(table, column, next));
      }
    }
  }
}
