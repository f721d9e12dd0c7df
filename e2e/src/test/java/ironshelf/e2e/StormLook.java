package ironshelf.e2e;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The database after a kill, opened by itself, against what the makers have in their book. */
record StormLook(Path database, StormBook book) {

  /** As many rows as acts of a kind: more is twice, fewer is half. */
  private static final Map<String, String> ONE_EACH =
      Map.ofEntries(
          Map.entry("first-product", "select count(*) from products"),
          Map.entry("receive", "select count(*) from movements where kind = 'RECEIVED'"),
          Map.entry("count", "select count(*) from movements where kind = 'COUNTED'"),
          Map.entry(
              "waste",
              "select count(*) from movements m join lots l on l.id = m.lot_id"
                  + " where m.kind = 'WASTED'"),
          Map.entry("order", "select count(*) from orders"),
          Map.entry("pour-open", "select count(*) from pour_sessions"),
          Map.entry("take-out", "select count(*) from step_acts where freed"),
          // What comes back broken is scrap as well.
          Map.entry(
              "scrap",
              "select count(*) - (select count(*) from returns where outcome = 'SCRAP')"
                  + " from step_acts where step is null"),
          Map.entry("undo-step", "select count(*) from step_acts where undone_at is not null"),
          Map.entry("inspect", "select count(*) from inspections"),
          Map.entry(
              "step",
              "select count(*) from step_acts a where step is not null and not freed"
                  + " and not exists (select 1 from inspections i where i.act_id = a.id)"),
          Map.entry("dispatch", "select count(*) from dispatches"),
          Map.entry("return", "select count(*) from returns"));

  /** What no act leaves behind; each gives the rows that it did. */
  private static final Map<String, String> NEVER =
      Map.of(
          "a product without its two copies",
          "select count(*) from (select p.id from products p left join copies k"
              + " on k.mould_id = p.mould_id group by p.id having count(k.id) <> 2)",
          "a lot without its delivery",
          "select count(*) from lots l where length(l.code) = 18 and (select count(*)"
              + " from movements m where m.lot_id = l.id and m.kind = 'RECEIVED') <> 1",
          "a lot with other than was counted",
          "select count(*) from (select l.id from lots l join movements m on m.lot_id = l.id"
              + " where length(l.code) = 18 group by l.id having sum(m.mass_kg) not in (20, 18.5, 18)"
              + " and max(case when m.kind = 'USED' then 1 else 0 end) = 0)",
          "an order without its line",
          "select count(*) from orders o where (select count(*) from order_lines l"
              + " where l.order_id = o.id) <> 1",
          "a casting without its piece",
          "select count(*) from casts c where (select count(*) from pieces p"
              + " where p.cast_id = c.id) <> 1",
          "a copy that holds two",
          "select count(*) from (select copy_id from casts where emptied_at is null"
              + " group by copy_id having count(*) > 1)",
          "taken out and not, or not and taken out",
          "select count(*) from casts c join pieces p on p.cast_id = c.id"
              + " where (c.emptied_at is null) <> (p.demoulded_at is null)",
          "scrap without its act",
          "select count(*) from pieces p where p.scrapped_at is not null and not exists"
              + " (select 1 from piece_steps s join step_acts a on a.id = s.act_id"
              + " where s.piece_id = p.id and a.step is null)",
          "an act on nothing",
          "select count(*) from step_acts a where not exists"
              + " (select 1 from piece_steps s where s.act_id = a.id)",
          "sent without its parcel",
          "select count(*) from pieces p where p.sent_at is not null and not exists"
              + " (select 1 from parcel_pieces x where x.piece_id = p.id)");

  /**
   * What was found.
   *
   * @param answered acts and facts, by kind
   * @param wrong in words; empty where nothing is
   */
  record Found(int round, int acts, Map<String, Integer> answered, List<String> wrong) {
    boolean isClean() {
      return wrong.isEmpty();
    }
  }

  Found look(int round) throws SQLException {
    List<String> wrong = new ArrayList<>(book.unexpected());
    try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + database, "sa", "");
        Statement sql = connection.createStatement()) {
      missing(sql, "select act_key from acts", book.keys(false), "act", wrong);
      missing(sql, "select fact_key from pour_facts", book.keys(true), "fact", wrong);
      for (Map.Entry<String, String> each : ONE_EACH.entrySet()) {
        int acts = count(sql, "select count(*) from acts where kind = '" + each.getKey() + "'");
        int rows = count(sql, each.getValue());
        if (acts != rows) {
          wrong.add(acts + " acts of " + each.getKey() + " left " + rows + " rows");
        }
      }
      for (Map.Entry<String, String> each : NEVER.entrySet()) {
        int rows = count(sql, each.getValue());
        if (rows > 0) {
          wrong.add(each.getKey() + ": " + rows);
        }
      }
    }
    Map<String, Integer> kinds = book.kinds();
    return new Found(
        round, kinds.values().stream().mapToInt(Integer::intValue).sum(), kinds, wrong);
  }

  private static void missing(
      Statement sql, String query, Set<String> answered, String what, List<String> wrong)
      throws SQLException {
    Set<String> kept = new HashSet<>();
    try (ResultSet row = sql.executeQuery(query)) {
      while (row.next()) {
        if (!kept.add(row.getString(1))) {
          wrong.add(what + " " + row.getString(1) + " is there twice");
        }
      }
    }
    answered.stream()
        .filter(key -> !kept.contains(key))
        .forEach(key -> wrong.add(what + " " + key + " was answered and is missing"));
  }

  private static int count(Statement sql, String query) throws SQLException {
    try (ResultSet row = sql.executeQuery(query)) {
      row.next();
      return row.getInt(1);
    }
  }
}
