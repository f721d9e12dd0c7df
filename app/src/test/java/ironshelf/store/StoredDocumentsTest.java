package ironshelf.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.App;
import ironshelf.App.Answer;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.plan.OpenHours;
import ironshelf.http.json.CoreMapper;
import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.metamodel.mapping.BasicValuedModelPart;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Documents in JSON columns: what every released version wrote is still read, and what is damaged
 * is named. The golden files, {@code stored/<table>.<column>.v<version>.jsonl} with one document a
 * line, are as the application wrote them in that version, and are never changed.
 */
class StoredDocumentsTest {

  private static final Path GOLDEN = Path.of("src/test/resources/stored");

  private static final CoreMapper JSON = new CoreMapper();

  private static App app;
  private static DocumentFormat format;
  private static JsonColumns columns;

  @BeforeAll
  static void start() {
    app = App.fresh();
    format = app.bean(DocumentFormat.class);
    columns = app.bean(JsonColumns.class);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void everyVersionOfEveryDocumentIsRead() throws IOException {
    int read = 0;
    for (JsonColumns.Column column : columns.all()) {
      int newest = Upcasters.released().newest(column.type());
      for (int version = 0; version <= newest; version++) {
        Path file = GOLDEN.resolve(column.key() + ".v" + version + ".jsonl");
        assertThat(file).exists();
        List<String> lines = Files.readAllLines(file);
        assertThat(lines).isNotEmpty();
        List<String> now =
            Files.readAllLines(GOLDEN.resolve(column.key() + ".v" + newest + ".jsonl"));
        for (int i = 0; i < lines.size(); i++) {
          Object value = format.read(lines.get(i), column.type());
          String written = format.toString(value, column.type());
          // Every document of an older version has the same one in the newest file.
          assertThat(JSON.tree(written))
              .as("%s, line %d", file, i + 1)
              .isEqualTo(JSON.tree(now.get(i)));
          read++;
        }
      }
    }
    assertThat(read).isGreaterThan(60);
  }

  /** A copy is written and read again: for each row that is loaded, and at each end of an act. */
  @Test
  void noDocumentIsCopiedToSeeWhetherItChanged() {
    List<String> copied = new ArrayList<>();
    int[] documents = {0};
    app.bean(EntityManagerFactory.class)
        .unwrap(SessionFactoryImplementor.class)
        .getMappingMetamodel()
        .forEachEntityDescriptor(
            entity ->
                entity.forEachAttributeMapping(
                    attribute -> {
                      if (attribute instanceof BasicValuedModelPart basic
                          && basic.getJdbcMapping().getJdbcType().isJson()) {
                        documents[0]++;
                        if (attribute.getAttributeMetadata().getMutabilityPlan().isMutable()) {
                          copied.add(attribute.getNavigableRole().getFullPath());
                        }
                      }
                    }));
    assertThat(documents[0]).isEqualTo(columns.all().size());
    assertThat(copied).isEmpty();
  }

  /** Each is told, and none is read as something else. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "null | missing",
        "{\"version\":1,\"content\":null} | missing",
        "{\"version\":2,\"content\":{}} | version 2",
        "{\"days\":[\"MON\"],\"opens\":\"07:00\",\"closes\":\"16:00\",\"closed\":[],\"more\":1} | more",
        "{\"days\":[\"FUNDAY\"],\"opens\":\"07:00\",\"closes\":\"16:00\",\"closed\":[]} | FUNDAY",
        "{\"days\":[\"MON\"],\"opens\":\"7 o'clock\",\"closes\":\"16:00\",\"closed\":[]} | 7 o'clock",
        "{\"days\":[\"MON\"],\"closes\":\"16:00\",\"closed\":[]} | opens",
        "[] | OpenHours",
        "{\"days\":[\"MON\"] | end-of-input"
      })
  void whatIsDamagedIsToldAndNeverReadAsSomethingElse(String document, String why) {
    assertThatThrownBy(() -> format.read(document, OpenHours.class))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining(why);
  }

  /** Before cores of measured moulds had a volume of their own, they were solids. */
  @Test
  void aMeasuredCoreIsLifted() {
    String before =
        """
        {"cavity":{"kind":"measured","volumeL":2},"core":{"kind":"measured","volumeL":0.7},
         "coreLiftMm":0,"coreOffsetMm":0,"inserts":[],"cavities":1}
        """;
    MouldShape shape = (MouldShape) format.read(before, MouldShape.class);
    assertThat(shape.core()).isNull();
    assertThat(shape.coreL()).isEqualTo(0.7);
    assertThat(shape.vesselL()).isEqualTo(0.7);
  }

  /** A row that somebody spoilt: the page that needs it names it, and the shelf still works. */
  @Test
  void aDamagedRowIsNamed() {
    JdbcTemplate sql = app.bean(JdbcTemplate.class);
    long id = sql.queryForObject("select min(id) from moulds", Long.class);
    String name = sql.queryForObject("select name from moulds where id = ?", String.class, id);
    String was =
        sql.queryForObject(
            "select cast(shape as varchar) from moulds where id = ?", String.class, id);
    sql.update(
        "update moulds set shape = json '{\"cavity\":{\"kind\":\"teapot\"}}' where id = ?", id);
    try {
      Answer answer = app.tryGet("/api/moulds/" + id);
      assertThat(answer.status()).isEqualTo(500);
      assertThat(answer.body().path("code").asString()).isEqualTo("store.unreadable");
      assertThat(answer.body().path("detail").asString())
          .doesNotContain("ironshelf.")
          .contains(name, "moulds.shape " + id, "cavity");
    } finally {
      sql.update("update moulds set shape = ? format json where id = ?", was, id);
    }
    assertThat(app.tryGet("/api/moulds/" + id).status()).isEqualTo(200);
  }
}
