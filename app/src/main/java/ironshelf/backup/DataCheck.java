package ironshelf.backup;

import ironshelf.store.Documents;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Whether the data is in order: every row refers to one that is there, every document can be read,
 * and what is derived from facts in two ways comes to the same. It changes nothing.
 */
@Service
@Transactional(readOnly = true)
class DataCheck {

  private static final int MOST_TOLD = 20;

  private final JdbcTemplate sql;
  private final Documents documents;

  DataCheck(JdbcTemplate sql, Documents documents) {
    this.sql = sql;
    this.documents = documents;
  }

  /** What was looked at, and what is wrong, in words. */
  record CheckView(boolean good, List<Looked> looked) {}

  /**
   * One thing that was looked at.
   *
   * @param what for example that every row refers to one that is there
   * @param rows that were looked at
   * @param wrong the first of those that are not in order; empty where all are
   */
  record Looked(String what, long rows, List<String> wrong) {}

  CheckView run() {
    List<Looked> looked = new ArrayList<>();
    looked.add(references());
    Documents.Read read = documents.readAll();
    looked.add(new Looked("Documents can be read", read.rows(), read.damaged()));
    looked.add(
        rule(
            "A copy holds one casting at a time",
            "select count(*) from casts",
            """
            select 'copy ' || k.code || ' holds ' || count(*) || ' castings'
            from casts c join copies k on k.id = c.copy_id
            where c.emptied_at is null group by k.code having count(*) > 1
            """));
    looked.add(
        rule(
            "Orders have the pieces that they ask for, and no others",
            "select count(*) from allotments",
            """
            select 'order ' || o.number || ', line ' || l.position || ' has ' || count(*)
              || ' pieces of ' || l.quantity
            from allotments a join order_lines l on l.id = a.line_id join orders o on o.id = l.order_id
              join pieces p on p.id = a.piece_id
            -- What was scrapped, or came back and was replaced, is made once more.
            where p.scrap_reason is null and not exists (select 1 from returns r
              where r.piece_id = a.piece_id and r.line_id = a.line_id)
            group by o.number, l.position, l.quantity having count(*) > l.quantity
            union all
            select 'piece ' || p.id || ' is not what order ' || o.number || ' asks for'
            from allotments a join pieces p on p.id = a.piece_id
              join order_lines l on l.id = a.line_id join orders o on o.id = l.order_id
            where p.product_id <> l.product_id or p.colourway_id <> l.colourway_id
            """));
    looked.add(
        rule(
            "What was weighed for pours has left the stock",
            "select count(*) from weigh_outs",
            """
            select 'pour ' || w.pour_id || ': ' || m.name || ' weighed ' || w.kg || ' kg, taken ' || s.kg
            from (select pour_id, material_id, sum(actual_kg) kg from weigh_outs
                  group by pour_id, material_id) w
              join (select v.pour_id, l.material_id, -sum(v.mass_kg) kg
                    from movements v join lots l on l.id = v.lot_id
                    where v.pour_id is not null group by v.pour_id, l.material_id) s
                on s.pour_id = w.pour_id and s.material_id = w.material_id
              join pours p on p.id = w.pour_id
              join materials m on m.id = w.material_id
            where p.undone_at is null and abs(w.kg - s.kg) > 0.001
            union all
            select 'pour ' || v.pour_id || ' was taken back and still has '
              || -sum(v.mass_kg) || ' kg of the stock'
            from movements v join pours p on p.id = v.pour_id
            where p.undone_at is not null group by v.pour_id having abs(sum(v.mass_kg)) > 0.001
            """));
    looked.add(
        rule(
            "Pieces came from castings of their own pour's time",
            "select count(*) from pieces",
            """
            select 'piece ' || p.id || ' was taken out before it was poured'
            from pieces p join casts c on c.id = p.cast_id
            where p.demoulded_at < c.filled_at
            """));
    return new CheckView(looked.stream().allMatch(l -> l.wrong().isEmpty()), looked);
  }

  private Looked rule(String what, String rows, String wrong) {
    Long count = sql.queryForObject(rows, Long.class);
    return new Looked(what, count == null ? 0 : count, first(wrong));
  }

  private List<String> first(String query) {
    return sql.queryForList("select * from (" + query + ") limit " + MOST_TOLD, String.class);
  }

  /** A database that was mended by hand, or by a stick, may break what it would refuse itself. */
  private Looked references() {
    List<String> wrong = new ArrayList<>();
    long rows = 0;
    for (Reference of : referencesOf()) {
      Long count = sql.queryForObject("select count(*) from \"" + of.table + "\"", Long.class);
      rows += count == null ? 0 : count;
      wrong.addAll(orphans(of));
    }
    return new Looked("Every row refers to one that is there", rows, wrong);
  }

  private record Reference(String table, String column, String toTable, String toColumn) {}

  private List<Reference> referencesOf() {
    return sql.query(
        """
        select k.table_name, k.column_name, u.table_name, u.column_name
        from information_schema.referential_constraints r
          join information_schema.key_column_usage k on k.constraint_name = r.constraint_name
          join information_schema.key_column_usage u on u.constraint_name = r.unique_constraint_name
            and u.ordinal_position = k.position_in_unique_constraint
        """,
        (row, no) ->
            new Reference(row.getString(1), row.getString(2), row.getString(3), row.getString(4)));
  }

  private List<String> orphans(Reference of) {
    return sql.query(
        "select a.\"%2$s\", count(*) from \"%1$s\" a left join \"%3$s\" b on b.\"%4$s\" = a.\"%2$s\""
                .formatted(of.table, of.column, of.toTable, of.toColumn)
            + " where a.\"%2$s\" is not null and b.\"%4$s\" is null group by a.\"%2$s\" limit %5$d"
                .formatted(of.table, of.column, of.toTable, of.toColumn, MOST_TOLD),
        (row, no) ->
            "%d rows of %s ask for %s %s, which is not there"
                .formatted(row.getLong(2), of.table, of.toTable, row.getString(1))
                .toLowerCase(Locale.ROOT));
  }
}
