package ironshelf.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * How long each page's data takes over HTTP, beside a plain query of the same rows in the same
 * database: the ratio says what is the page's own.
 */
final class PagesOfYears {

  private static final int TIMES = 40;
  private static final int WARM = 15;

  /** A page's data, and the rows that it is made of. */
  private record Page(String name, String path, String sql) {}

  private static final String HERE =
      "select p.*, a.* from pieces p join piece_steps s on s.id = p.last_step_id join step_acts a"
          + " on a.id = s.act_id where p.sent_at is null and p.scrap_reason is null";

  private static final String OPEN =
      "select o.*, l.* from orders o join order_lines l on l.order_id = o.id where not o.quote and"
          + " o.cancelled_at is null and l.quantity > (select count(*) from allotments a where"
          + " a.line_id = l.id and a.sent_at is not null)";

  private static final String TAKEN =
      "select f.product_id, w.material_id, sum(w.actual_kg), count(*) from pours p join weigh_outs w"
          + " on w.pour_id = p.id join pour_fills f on f.pour_id = p.id group by f.product_id,"
          + " w.material_id";

  private static final String LEFT =
      "select l.material_id, l.id, sum(m.mass_kg) from lots l join movements m on m.lot_id = l.id"
          + " group by l.material_id, l.id";

  private static final List<Page> PAGES =
      List.of(
          new Page("shelf", "/api/shelf", HERE),
          new Page("orders, open", "/api/orders?which=open", OPEN),
          new Page(
              "orders, searched",
              "/api/orders?which=all&search=ripple",
              "select distinct l.order_id from products p join order_lines l on l.product_id = p.id"
                  + " where lower(p.name) like '%ripple%'"),
          new Page("an order", "/api/orders/1", "select * from order_lines where order_id = 1"),
          new Page("results, 8 weeks", "/api/results?weeks=8", due(8)),
          new Page("results, a year", "/api/results?weeks=52", due(52)),
          new Page("needs", "/api/needs", LEFT),
          new Page(
              "plan", "/api/plan", "select * from plans where undone_at is null order by id desc"),
          new Page("use by product", "/api/use?by=product", TAKEN),
          new Page("use by month", "/api/use?by=month", TAKEN),
          new Page(
              "use by pour",
              "/api/use?by=pour",
              "select * from weigh_outs where pour_id in (select id from pours order by id desc"
                  + " fetch first 60 rows only)"),
          new Page(
              "use by piece",
              "/api/use?by=piece",
              "select p.* from pieces p order by id desc fetch first 60 rows only"),
          new Page(
              "cost of a piece",
              "/api/use/pieces/1",
              "select w.* from pieces p join weigh_outs w on w.pour_id = p.pour_id where p.id = 1"),
          new Page(
              "strength of a piece",
              "/api/pieces/1/strength",
              "select r.* from readings r join pieces p on p.id = 1 join pours u on u.id = p.pour_id"
                  + " where r.place = 'room' and r.read_at between u.poured_at and p.sent_at"),
          new Page("products", "/api/products", "select * from products"),
          new Page("product cards", "/api/product-cards", HERE),
          new Page(
              "a product's page",
              "/api/products/1/sheet",
              "select * from pieces where product_id = 1 and mass_kg is not null order by id desc"
                  + " fetch first 30 rows only"),
          new Page(
              "moulds",
              "/api/moulds",
              "select copy_id, count(*) from casts where emptied_at is not null group by copy_id"),
          new Page(
              "a copy",
              "/api/copies/1",
              "select c.*, p.* from casts c join pieces p on p.cast_id = c.id where c.copy_id = 1"),
          new Page("stock", "/api/materials", LEFT),
          new Page(
              "pours",
              "/api/pours",
              "select p.*, f.* from pours p join pour_fills f on f.pour_id = p.id where p.id in"
                  + " (select id from pours where beside_id is null order by poured_at desc fetch"
                  + " first 25 rows only)"),
          new Page("a recipe, learned", "/api/recipes/1/learned", TAKEN),
          new Page("temperatures", "/api/temperatures", last("readings")),
          new Page("what is missing", "/api/missing", LEFT));

  private PagesOfYears() {}

  private static String due(int weeks) {
    return "select l.id, l.due, l.quantity, count(a.id), max(a.sent_at) from orders o join"
        + " order_lines l on l.order_id = o.id left join allotments a on a.line_id = l.id and"
        + " a.sent_at is not null where o.due between dateadd('week', -"
        + weeks
        + ", current_date) and current_date group by l.id, l.due, l.quantity";
  }

  private static String last(String table) {
    return "select * from " + table + " order by id desc fetch first 1000 rows only";
  }

  static void measure(String base, String file) throws Exception {
    HttpClient http = HttpClient.newHttpClient();
    System.out.println("page; status; kB; median ms; p95 ms; query ms; ratio");
    try (Connection connection = YearsOfShop.open(file);
        Statement sql = connection.createStatement()) {
      sql.execute("set optimize_reuse_results 0");
      for (Page page : PAGES) {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(base + page.path)).build();
        double[] ms = new double[TIMES];
        double[] raw = new double[TIMES];
        HttpResponse<String> answer = null;
        for (int i = -WARM; i < TIMES; i++) {
          long start = System.nanoTime();
          answer = http.send(ask, HttpResponse.BodyHandlers.ofString());
          long answered = System.nanoTime();
          read(sql, page.sql);
          if (i >= 0) {
            ms[i] = (answered - start) / 1e6;
            raw[i] = (System.nanoTime() - answered) / 1e6;
          }
        }
        Arrays.sort(ms);
        Arrays.sort(raw);
        System.out.printf(
            Locale.ROOT,
            "%s; %d; %d; %.1f; %.1f; %.1f; %.1f%n",
            page.name,
            answer.statusCode(),
            answer.body().length() / 1000,
            ms[TIMES / 2],
            ms[TIMES * 95 / 100],
            raw[TIMES / 2],
            ms[TIMES / 2] / raw[TIMES / 2]);
      }
    }
  }

  private static void read(Statement sql, String query) throws SQLException {
    try (ResultSet rows = sql.executeQuery(query)) {
      int columns = rows.getMetaData().getColumnCount();
      while (rows.next()) {
        for (int i = 1; i <= columns; i++) {
          rows.getObject(i);
        }
      }
    }
  }
}
