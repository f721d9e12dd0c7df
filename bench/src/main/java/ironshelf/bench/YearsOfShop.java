package ironshelf.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A shop with years behind it: the season of a demo's data folder, laid down again and again before
 * itself, what stood on the shelf then finished and sent; and how long its pages' data takes with
 * one, three and five years, beside a plain query of the database for as many rows.
 */
public final class YearsOfShop {

  /** What happened, parents first; everything else is what the shop has. */
  private static final List<String> HISTORY =
      List.of(
          "ORDERS",
          "ORDER_LINES",
          "POURS",
          "POUR_SESSIONS",
          "POUR_FACTS",
          "WEIGH_OUTS",
          "LOTS",
          "MOVEMENTS",
          "CASTS",
          "POUR_FILLS",
          "STEP_ACTS",
          "PIECES",
          "PIECE_STEPS",
          "INSPECTIONS",
          "ALLOTMENTS",
          "DISPATCHES",
          "PARCELS",
          "PARCEL_PIECES",
          "RETURNS",
          "READINGS");

  /** What the demo has behind it. */
  private static final int SEASON_DAYS = 112;

  private static final long APART = 10_000_000L;

  private YearsOfShop() {}

  /**
   * @param args {@code grow FILE FROM TO DAYS} lays seasons FROM to TO, so many days before each
   *     other, into a stopped shop's database; {@code measure ADDRESS FILE} asks a running one, and
   *     a copy of its database beside it
   */
  public static void main(String[] args) throws Exception {
    if (args[0].equals("grow")) {
      grow(
          args[1], Integer.parseInt(args[2]), Integer.parseInt(args[3]), Integer.parseInt(args[4]));
    } else {
      PagesOfYears.measure(args[1], args[2]);
    }
  }

  static Connection open(String file) throws SQLException {
    return DriverManager.getConnection("jdbc:h2:file:" + file.replace(".mv.db", ""), "sa", "");
  }

  private static void grow(String file, int from, int to, int days) throws SQLException {
    try (Connection connection = open(file);
        Statement sql = connection.createStatement()) {
      Map<String, String> parents = parents(sql);
      sql.execute("set referential_integrity false");
      for (int k = from; k <= to; k++) {
        for (String table : HISTORY) {
          // Seasons lie over each other, but a probe says one thing at a time.
          if (table.equals("READINGS") && k * days % SEASON_DAYS >= days) {
            continue;
          }
          sql.executeUpdate(copy(sql, table, parents, k, days));
        }
        finish(sql, k);
      }
      sql.execute("set referential_integrity true");
      sql.execute("analyze");
      for (String table : List.of("PIECES", "POURS", "MOVEMENTS", "ORDERS", "PIECE_STEPS")) {
        try (ResultSet row = sql.executeQuery("select count(*) from " + table)) {
          row.next();
          System.out.println(table.toLowerCase(Locale.ROOT) + " " + row.getInt(1));
        }
      }
      sql.execute("shutdown compact");
    }
  }

  /** What stood half-way at the season's end was finished and sent in the years since. */
  private static void finish(Statement sql, int k) throws SQLException {
    String own = " where id between " + k * APART + " and " + ((k + 1) * APART - 1);
    sql.executeUpdate(
        "update pieces set ready_at = coalesce(ready_at, dateadd('day', 12, (select p.poured_at"
            + " from pours p where p.id = pieces.pour_id))), demoulded_at = coalesce(demoulded_at,"
            + " dateadd('day', 1, (select p.poured_at from pours p where p.id = pieces.pour_id))),"
            + " sent_at = coalesce(sent_at, dateadd('day', 14, (select p.poured_at from pours p"
            + " where p.id = pieces.pour_id)))"
            + own
            + " and scrap_reason is null");
    sql.executeUpdate(
        "insert into movements (id, lot_id, kind, mass_kg, moved_at, reason) select max(id) +"
            + " 5000000, lot_id, 'COUNTED', -sum(mass_kg), max(moved_at), 'a season later'"
            + " from movements"
            + own.replace("id between", "lot_id between")
            + " group by lot_id having sum(mass_kg) <> 0");
    sql.executeUpdate(
        "update orders set cancelled_at = dateadd('day', 30, cast(placed_on as timestamp))"
            + own
            + " and quote = false and exists (select 1 from order_lines l where l.order_id ="
            + " orders.id and (select count(*) from allotments a where a.line_id = l.id and"
            + " a.sent_at is not null) < l.quantity)");
  }

  /** The parent table of each column that names one, by table and column. */
  private static Map<String, String> parents(Statement sql) throws SQLException {
    Map<String, String> parents = new HashMap<>();
    try (ResultSet row =
        sql.executeQuery(
            "select c.table_name, c.column_name, p.table_name from"
                + " information_schema.key_column_usage c join"
                + " information_schema.referential_constraints r on r.constraint_name ="
                + " c.constraint_name join information_schema.key_column_usage p on"
                + " p.constraint_name = r.unique_constraint_name where c.table_schema = 'PUBLIC'")) {
      while (row.next()) {
        parents.put(row.getString(1) + "." + row.getString(2), row.getString(3));
      }
    }
    return parents;
  }

  private static String copy(
      Statement sql, String table, Map<String, String> parents, int k, int days)
      throws SQLException {
    List<String> into = new ArrayList<>();
    List<String> values = new ArrayList<>();
    try (ResultSet row =
        sql.executeQuery(
            "select column_name, data_type, is_generated from information_schema.columns"
                + " where table_schema = 'PUBLIC' and table_name = '"
                + table
                + "' order by ordinal_position")) {
      while (row.next()) {
        String column = row.getString(1);
        if (!row.getString(3).equals("NEVER")) {
          continue;
        }
        String parent = parents.get(table + "." + column);
        into.add(column);
        if (column.equals("ID") || (parent != null && HISTORY.contains(parent))) {
          values.add(column + " + " + k * APART);
        } else if (column.equals("EMPTIED_AT")) {
          // A copy holds one casting at a time: what stood in its mould came out a day later.
          values.add(
              "dateadd('day', "
                  + -k * days
                  + ", coalesce(emptied_at, dateadd('day', 1, filled_at)))");
        } else if (row.getString(2).startsWith("TIMESTAMP") || row.getString(2).equals("DATE")) {
          values.add("dateadd('day', " + -k * days + ", " + column + ")");
        } else if (List.of("NUMBER", "CODE").contains(column)
            && List.of("ORDERS", "LOTS").contains(table)) {
          values.add(column + " || '-" + k + "'");
        } else {
          values.add(column);
        }
      }
    }
    String key = table.equals("POUR_SESSIONS") ? "POUR_ID" : "ID";
    return "insert into "
        + table
        + " ("
        + String.join(", ", into)
        + ") select "
        + String.join(", ", values)
        + " from "
        + table
        + " where "
        + key
        + " < "
        + APART;
  }
}
