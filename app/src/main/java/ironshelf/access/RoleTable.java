package ironshelf.access;

import ironshelf.core.quantity.ShippedTable;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Which role each operation needs: {@code roles.csv}, a row an operation. What has no row is an
 * owner's alone; a test fails as long as an operation has none.
 */
@Component
public class RoleTable {

  private static final String ANYONE = "anyone";

  /**
   * An operation and the least role that may do it.
   *
   * @param role null where nobody need be signed in
   */
  public record Row(String method, String path, @Nullable Role role) {}

  private record Rule(Row row, PathPattern pattern) {}

  private final List<Rule> rules;

  RoleTable() {
    PathPatternParser parser = new PathPatternParser();
    // The narrower first: a name before a place for any name.
    rules =
        ShippedTable.rows(RoleTable.class, "/roles.csv", RoleTable::row).stream()
            .map(row -> new Rule(row, parser.parse(row.path())))
            .sorted((a, b) -> PathPattern.SPECIFICITY_COMPARATOR.compare(a.pattern, b.pattern))
            .toList();
  }

  private static Row row(CSVRecord record) {
    String least = record.get("least role");
    return new Row(
        record.get("method"),
        record.get("path"),
        ANYONE.equals(least) ? null : Role.valueOf(least.toUpperCase(Locale.ROOT)));
  }

  /** All rows. */
  public List<Row> rows() {
    return rules.stream().map(Rule::row).toList();
  }

  /** The row of a request. HEAD is a GET without its answer. */
  public Optional<Row> row(String method, String path) {
    PathContainer asked = PathContainer.parsePath(path);
    String named = "HEAD".equals(method) ? "GET" : method;
    return rules.stream()
        .filter(r -> r.row.method().equals(named) && r.pattern.matches(asked))
        .map(Rule::row)
        .findFirst();
  }

  /** Whether somebody may do an operation. */
  public boolean allows(Row row, Optional<Asker> asker) {
    Role needed = row.role();
    return needed == null || asker.map(a -> a.role().covers(needed)).orElse(false);
  }
}
