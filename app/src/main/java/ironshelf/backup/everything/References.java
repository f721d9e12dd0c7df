package ironshelf.backup.everything;

import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;

/** That every row refers to one that is there; asked by hand where rows came in without it. */
final class References {

  private References() {}

  /**
   * @throws IOException where a row refers to nothing
   */
  static void check(Connection database, List<KeptTable> tables) throws SQLException, IOException {
    for (KeptTable table : tables) {
      try (ResultSet keys = database.getMetaData().getImportedKeys(null, "PUBLIC", table.name())) {
        while (keys.next()) {
          one(
              database,
              table.name(),
              keys.getString("FKCOLUMN_NAME"),
              keys.getString("PKTABLE_NAME"),
              keys.getString("PKCOLUMN_NAME"));
        }
      }
    }
  }

  private static void one(
      Connection database, String table, String column, String toTable, String toColumn)
      throws SQLException, IOException {
    String query =
        """
        select f."%2$s" from "%1$s" f where f."%2$s" is not null and not exists
          (select 1 from "%3$s" t where t."%4$s" = f."%2$s") limit 1
        """
            .formatted(table, column, toTable, toColumn);
    try (Statement sql = database.createStatement();
        ResultSet lost = sql.executeQuery(query)) {
      if (lost.next()) {
        throw new IOException(
            "%s.%s refers to %s, which is not there".formatted(table, column, lost.getString(1)));
      }
    }
  }
}
