package ironshelf.access;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.App;
import ironshelf.Tablet;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Every operation, tried by every role. Written anew with {@code -Droles.write=true}. */
class RolesTest {

  private static final Path DOCUMENT = Path.of("../docs/roles.md");
  private static final String PASSWORD = "grey heron eats wet gravel";

  /** Not operations of the document, and still to be allowed or not. */
  private static final List<String> BESIDES = List.of("GET /actuator/health", "GET /api/openapi");

  /** These end what the others need: the session, the application itself. */
  private static final Set<String> LAST = Set.of("DELETE /api/session", "POST /api/other-shop");

  private static App app;
  private static List<String> operations;

  @BeforeAll
  static void founded() throws IOException {
    app =
        App.empty(
            "--ironshelf.lan=true",
            "--ironshelf.lan-address=127.0.0.1",
            "--ironshelf.lan-names=127.0.0.1",
            "--ironshelf.lan-port=0",
            "--ironshelf.trust-port=0",
            "--ironshelf.burst=100000");
    JsonNode paths = app.get("/api/openapi").path("paths");
    Map<String, Set<String>> byPath = new TreeMap<>();
    paths.propertyNames().forEach(p -> byPath.put(p, new TreeSet<>(paths.path(p).propertyNames())));
    operations = new ArrayList<>(BESIDES);
    byPath.forEach(
        (path, methods) ->
            methods.forEach(
                m -> operations.add(m.toUpperCase(java.util.Locale.ROOT) + " " + path)));
  }

  @AfterAll
  static void close() {
    app.close();
  }

  @Test
  void everyOperationHasARowAndEveryRowAnOperation() {
    assertThat(rows().keySet()).containsExactlyInAnyOrderElementsOf(operations);
  }

  @Test
  void whatIsWrittenDownIsWhatIsDone() throws IOException {
    StringBuilder text =
        new StringBuilder(
            """
            # Who may do what

            Made from `app/src/main/resources/roles.csv`, which the application itself goes by, by `RolesTest`; each cell
            is tried there over TLS, by somebody of that role. Whoever sits at the shop's own machine is an owner.

            | operation | owner | maker | door | nobody |
            |---|---|---|---|---|
            """);
    rows()
        .forEach(
            (operation, role) ->
                text.append("| `%s` |".formatted(operation))
                    .append(cell(Role.OWNER, role))
                    .append(cell(Role.MAKER, role))
                    .append(cell(Role.DOOR, role))
                    .append(role.isEmpty() ? " yes |\n" : " |\n"));
    if (Boolean.getBoolean("roles.write")) {
      Files.writeString(DOCUMENT, text);
    }
    assertThat(Files.readString(DOCUMENT, StandardCharsets.UTF_8)).isEqualTo(text.toString());
  }

  private static String cell(Role role, String needed) {
    return needed.isEmpty() || role.covers(Role.valueOf(needed)) ? " yes |" : " |";
  }

  @Test
  void everyRoleTriesEveryOperation() {
    long maker = person("Tom Wren", "maker", "\"pin\":\"7391\"");
    person("Ada Reed", "owner", "\"password\":\"" + PASSWORD + "\"");
    Tablet owner = new Tablet(app.get("/api/lan"));
    owner.get("/api/session");
    assertThat(
            owner
                .post("/api/session", "{\"name\":\"Ada Reed\",\"password\":\"" + PASSWORD + "\"}")
                .status())
        .isEqualTo(200);
    Map<Role, Tablet> askers = new LinkedHashMap<>();
    askers.put(Role.DOOR, Tablet.paired(app, "door", "screen"));
    askers.put(Role.MAKER, Tablet.paired(app, "bench", "tablet").as(maker, "7391"));
    askers.put(Role.OWNER, owner);
    Tablet nobody = new Tablet(app.get("/api/lan"));
    nobody.get("/api/session");
    SoftAssertions all = new SoftAssertions();
    rows()
        .forEach(
            (operation, needed) -> {
              check(all, nobody, operation, needed.isEmpty(), "request.signIn");
              askers.forEach(
                  (role, tablet) -> {
                    boolean may = needed.isEmpty() || role.covers(Role.valueOf(needed));
                    check(all, tablet, operation, may, "request.role");
                  });
            });
    all.assertAll();
  }

  private static void check(
      SoftAssertions all, Tablet asker, String operation, boolean may, String refusal) {
    if (may && LAST.contains(operation)) {
      return;
    }
    String method = operation.substring(0, operation.indexOf(' '));
    String path = operation.substring(operation.indexOf(' ') + 1).replaceAll("\\{\\w+}", "987654");
    String code = asker.codeOf(method, path);
    if (may) {
      all.assertThat(code).as(operation).isNotIn("request.role", "request.signIn");
    } else {
      all.assertThat(code).as(operation).isEqualTo(refusal);
    }
  }

  private static long person(String name, String role, String more) {
    return app.post(
            "/api/people", "{\"name\":\"%s\",\"role\":\"%s\",%s}".formatted(name, role, more))
        .body()
        .path("id")
        .asLong();
  }

  /** What each operation needs; nothing where nobody need be signed in. */
  private static Map<String, String> rows() {
    Map<String, String> rows = new LinkedHashMap<>();
    app.bean(RoleTable.class).rows().stream()
        .sorted(
            java.util.Comparator.comparing(RoleTable.Row::path)
                .thenComparing(RoleTable.Row::method))
        .forEach(
            r -> rows.put(r.method() + " " + r.path(), r.role() == null ? "" : r.role().name()));
    return rows;
  }
}
