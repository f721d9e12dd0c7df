package ironshelf.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** The schema moved upwards from the first version with data in it. */
class MigrationTest {

  private static final String URL = "jdbc:h2:mem:upwards;DB_CLOSE_DELAY=-1";

  private static final List<String> FIRST_DATA =
      List.of(
          "insert into materials values (1, 'rapid', 'Rapid', 'BINDER', 2.98, 1250, 20, 'x', 0)",
          "insert into lots values (1, 1, 'L1', 0)",
          "insert into movements values (1, 1, 'RECEIVED', 60, now(), null)",
          "insert into recipes values (1, 'Neat', 1, 'COLOUR_IN_WATER', 2, 1, 15, 3, 85, 108, 2.5,"
              + " 5, 168)",
          "insert into colourways values (1, 1, 'Chalk', '#dcd8cc', 4)",
          "insert into moulds values (1, 'Bowl', 'vessels', 'jacketed silicone', 'JACKETED',"
              + " json '{}', 0.1, 8, 250, json '[]', 0)",
          "insert into moulds values (2, 'Stone', 'fitness stones', 'ABS shell, two parts',"
              + " 'SPLIT', json '{}', 0, 0, 200, json '[]', 0)",
          "insert into copies values (1, 1, 'R1', 211, 'GOOD', 0)",
          "insert into products values (1, 'Bowl', 1, 1, 34, 2, 0)",
          "insert into pours values (1, 1, 1, null, now(), 20, 20)",
          "insert into weigh_outs (id, pour_id, position, material_id, asked_kg, actual_kg)"
              + " values (1, 1, 0, 1, 2.0, 2.02)",
          "insert into casts (id, copy_id, pour_id, filled_at, emptied_at, version)"
              + " values (1, 1, 1, now(), now(), 0)",
          "insert into casts (id, copy_id, pour_id, filled_at, version) values (2, 1, 1, now(), 0)",
          "insert into pieces values (1, 1, 1, 1, 1, now(), 2.07, null, 0)",
          "insert into pieces values (2, 2, 1, 1, 1, null, null, null, 0)",
          "insert into workshop values (1, 'Shop', false, 20, 10, 1, 8, 'US', 0, 0)");

  @Test
  void nothingIsLostOnTheWayUp() throws SQLException {
    flyway("1").migrate();
    try (Connection connection = DriverManager.getConnection(URL, "sa", "");
        Statement sql = connection.createStatement()) {
      for (String insert : FIRST_DATA) {
        sql.execute(insert);
      }
      flyway("latest").migrate();
      assertThat(one(sql, "select kind from moulds where id = 1")).isEqualTo("silicone-jacketed");
      assertThat(one(sql, "select kind from moulds where id = 2")).isEqualTo("abs-shell");
      assertThat(one(sql, "select family from moulds where id = 2")).isEqualTo("FITNESS_STONES");
      assertThat(one(sql, "select casts_before from copies")).isEqualTo("211");
      assertThat(one(sql, "select recipe_id from pours")).isEqualTo("1");
      assertThat(one(sql, "select first_id from recipes")).isEqualTo("1");
      assertThat(one(sql, "select retention from recipes")).isEqualTo("0.967");
      assertThat(one(sql, "select rate_per_hour from workshop")).isEqualTo("20.00");
      // What is there was set up; doses stay what they were, since a binder counts as all cement.
      assertThat(one(sql, "select set_up from workshop")).isEqualTo("TRUE");
      assertThat(
              one(
                  sql,
                  "select units || scale_unit || currency || clock || first_day from workshop"))
          .as("a shop of before is metric")
          .isEqualTo("METRICGEURH24MONDAY");
      assertThat(one(sql, "select zone from workshop")).as("the machine's").isNull();
      assertThat(one(sql, "select cement_percent from materials")).isEqualTo("100.0");
      assertThat(one(sql, "select retired from materials")).isEqualTo("FALSE");
      assertThat(one(sql, "select cast(sold_in as varchar) from products")).isEqualTo("[]");
      // What was mixed is shared equally over the casts of a pour of before.
      assertThat(one(sql, "select count(*) from pour_fills where layer_no = 0")).isEqualTo("2");
      assertThat(one(sql, "select max(litres) / min(litres) from pour_fills")).startsWith("1.0");
      assertThat(one(sql, "select cast(layers as varchar) from products")).contains("whole");
      // A pour of before is recorded as it was: no facts, no bowl's name, and its figures teach.
      assertThat(one(sql, "select count(*) from pour_sessions")).isEqualTo("0");
      assertThat(one(sql, "select mix_key from pours")).isNull();
      assertThat(one(sql, "select actual_kg from weigh_outs where measured")).startsWith("2.02");
      assertThat(one(sql, "select placement from recipes")).isEqualTo("POURED");
      assertThat(one(sql, "select count(*) from pour_waste")).isEqualTo("0");
      // Products have a route, and what is out of its mould has had that step.
      assertThat(one(sql, "select count(*) from routes where product_id = 1")).isEqualTo("1");
      assertThat(one(sql, "select route_id from pieces where id = 2")).isEqualTo("1");
      assertThat(
              one(
                  sql,
                  "select a.step from pieces p join piece_steps s on s.id = p.last_step_id"
                      + " join step_acts a on a.id = s.act_id where p.id = 1"))
          .isEqualTo("demould");
      assertThat(one(sql, "select freed from step_acts")).isEqualTo("TRUE");
      assertThat(one(sql, "select step_no || '/' || round_no from piece_steps")).isEqualTo("2/1");
      assertThat(one(sql, "select last_step_id from pieces where id = 2")).isNull();
      sql.execute("insert into step_acts (step, done_at) values ('trim', now())");
      assertThat(one(sql, "select max(id) from step_acts")).isEqualTo("2");
      // What was emptied before washing was kept counts as washed; what is held does not.
      assertThat(one(sql, "select count(*) from casts where washed_at is not null")).isEqualTo("1");
      assertThatThrownBy(() -> sql.execute("update moulds set family = 'HATS' where id = 1"))
          .isInstanceOf(SQLException.class);
      assertThatThrownBy(
              () ->
                  sql.execute(
                      "insert into casts (copy_id, pour_id, filled_at, version)"
                          + " values (1, 1, now(), 0)"))
          .as("a copy holds one casting at a time")
          .isInstanceOf(SQLException.class);
    }
  }

  private static Flyway flyway(String target) {
    return Flyway.configure().dataSource(URL, "sa", "").target(target).load();
  }

  private static String one(Statement sql, String query) throws SQLException {
    try (ResultSet rows = sql.executeQuery(query)) {
      rows.next();
      return rows.getString(1);
    }
  }
}
