package ironshelf.backup.everything;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A table of the database, as it is taken out: its rows by their key, its columns in their order.
 *
 * @param key the columns that tell a row from the others
 */
record KeptTable(String name, List<Column> columns, List<String> key) {

  /** Not the shop's, or nobody else's business: who is signed in, on which device. */
  private static final Set<String> LEFT_HERE =
      Set.of("SPRING_SESSION", "SPRING_SESSION_ATTRIBUTES", "DEVICES");

  /** Columns that are left empty: nobody is to guess at passwords in a file. */
  private static final Set<String> SECRET = Set.of("PASSWORD_HASH", "PIN_HASH");

  /**
   * @param type as the database calls it
   */
  record Column(String name, String type) {

    boolean isSecret() {
      return SECRET.contains(name);
    }

    boolean isJson() {
      return "JSON".equals(type);
    }

    boolean isFile() {
      return "BINARY LARGE OBJECT".equals(type);
    }

    boolean isMoment() {
      return "TIMESTAMP WITH TIME ZONE".equals(type);
    }
  }

  KeptTable {
    columns = List.copyOf(columns);
    key = List.copyOf(key);
  }

  /** All of a database, by their names. */
  static List<KeptTable> of(Connection database) throws SQLException {
    Map<String, List<Column>> columns =
        grouped(
            database,
            """
            select table_name, column_name, data_type from information_schema.columns
            where table_schema = 'PUBLIC' and is_generated = 'NEVER'
              and table_name in (select table_name from information_schema.tables
                where table_type = 'BASE TABLE')
            order by table_name, ordinal_position
            """);
    Map<String, List<Column>> keys =
        grouped(
            database,
            """
            select c.table_name, k.column_name, '' from information_schema.table_constraints c
            join information_schema.key_column_usage k on k.constraint_name = c.constraint_name
            where c.constraint_type = 'PRIMARY KEY' and c.table_schema = 'PUBLIC'
            order by c.table_name, k.ordinal_position
            """);
    List<KeptTable> tables = new ArrayList<>();
    columns.forEach(
        (name, own) -> {
          // Flyway's own is quoted in lower case.
          if (!LEFT_HERE.contains(name) && name.equals(name.toUpperCase(Locale.ROOT))) {
            List<Column> key = keys.getOrDefault(name, own);
            tables.add(new KeptTable(name, own, key.stream().map(Column::name).toList()));
          }
        });
    return tables;
  }

  private static Map<String, List<Column>> grouped(Connection database, String query)
      throws SQLException {
    Map<String, List<Column>> byTable = new LinkedHashMap<>();
    try (Statement sql = database.createStatement();
        ResultSet rows = sql.executeQuery(query)) {
      while (rows.next()) {
        byTable
            .computeIfAbsent(rows.getString(1), t -> new ArrayList<>())
            .add(new Column(rows.getString(2), rows.getString(3)));
      }
    }
    return byTable;
  }

  /** What it is called in the archive. */
  String fileName() {
    return "tables/" + name.toLowerCase(Locale.ROOT) + ".csv";
  }

  List<String> head() {
    return columns.stream().map(c -> c.name().toLowerCase(Locale.ROOT)).toList();
  }

  String selectAll() {
    return "select "
        + String.join(", ", columns.stream().map(c -> '"' + c.name() + '"').toList())
        + " from \""
        + name
        + "\" order by "
        + String.join(", ", key.stream().map(k -> '"' + k + '"').toList());
  }

  String insert() {
    return "insert into \""
        + name
        + "\" ("
        + String.join(", ", columns.stream().map(c -> '"' + c.name() + '"').toList())
        + ") values ("
        + String.join(", ", columns.stream().map(c -> c.isJson() ? "? format json" : "?").toList())
        + ")";
  }
}
