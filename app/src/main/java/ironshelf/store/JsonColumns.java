package ironshelf.store;

import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.metamodel.EntityType;
import java.lang.reflect.Field;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * All columns that hold documents, found in the records themselves, and the rows that are damaged.
 */
@Component
class JsonColumns {

  /** Fields that people know a row by, best first. */
  private static final List<String> NAMES = List.of("name", "code");

  private static final int MOST_TOLD = 5;

  /**
   * A column.
   *
   * @param id the column of the row's own number
   * @param name of the column that people know a row by; null where it has none
   */
  record Column(String table, String id, String column, Type type, @Nullable String name) {

    String key() {
      return table + "." + column;
    }
  }

  private final List<Column> columns;
  private final JdbcTemplate sql;
  private final DocumentFormat format;

  JsonColumns(EntityManagerFactory entities, JdbcTemplate sql, DocumentFormat format) {
    this.columns = columns(entities.getMetamodel().getEntities());
    this.sql = sql;
    this.format = format;
  }

  List<Column> all() {
    return columns;
  }

  private static List<Column> columns(Set<EntityType<?>> entities) {
    List<Column> all = new ArrayList<>();
    for (EntityType<?> entity : entities) {
      Class<?> type = entity.getJavaType();
      for (Field field : type.getDeclaredFields()) {
        JdbcTypeCode code = field.getAnnotation(JdbcTypeCode.class);
        if (code != null && code.value() == SqlTypes.JSON) {
          all.add(
              new Column(
                  type.getAnnotation(Table.class).name(),
                  id(type),
                  ColumnNames.of(field.getName()),
                  field.getGenericType(),
                  name(type)));
        }
      }
    }
    all.sort(Comparator.comparing(Column::key));
    return List.copyOf(all);
  }

  private static String id(Class<?> entity) {
    return Stream.of(entity.getDeclaredFields())
        .filter(f -> f.isAnnotationPresent(Id.class))
        .map(f -> ColumnNames.of(f.getName()))
        .findFirst()
        .orElseThrow();
  }

  private static @Nullable String name(Class<?> entity) {
    return NAMES.stream()
        .filter(
            n -> List.of(entity.getDeclaredFields()).stream().anyMatch(f -> f.getName().equals(n)))
        .findFirst()
        .orElse(null);
  }

  /** The rows of documents of a type that cannot be read: their names, tables and numbers. */
  List<String> unreadable(Type type) {
    List<String> rows = new ArrayList<>();
    columns.stream().filter(c -> c.type.equals(type)).forEach(c -> rows.addAll(unreadable(c)));
    return rows.size() > MOST_TOLD ? rows.subList(0, MOST_TOLD) : rows;
  }

  /** The rows of a column that cannot be read. */
  List<String> unreadable(Column column) {
    List<String> rows = new ArrayList<>();
    String name = column.name == null ? "''" : column.name;
    sql.query(
        "select "
            + column.id
            + ", "
            + name
            + ", cast("
            + column.column
            + " as varchar) from "
            + column.table
            + " where "
            + column.column
            + " is not null",
        row -> {
          if (!isReadable(row.getString(3), column.type)) {
            String known = row.getString(2);
            rows.add((known.isEmpty() ? "" : known + ", ") + column.key() + " " + row.getString(1));
          }
        });
    return rows.size() > MOST_TOLD ? rows.subList(0, MOST_TOLD) : rows;
  }

  private boolean isReadable(String text, Type type) {
    try {
      format.read(text, type);
      return true;
    } catch (UnreadableException e) {
      return false;
    }
  }
}
