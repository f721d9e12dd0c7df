package ironshelf.store;

import java.util.Locale;
import org.hibernate.boot.model.naming.Identifier;
import org.hibernate.boot.model.naming.PhysicalNamingStrategyStandardImpl;
import org.hibernate.engine.jdbc.env.spi.JdbcEnvironment;

/**
 * Columns are named as fields are, in lower case with an underscore before each capital: {@code
 * roomC} is {@code room_c}. Spring's own strategy leaves a last single capital unparted, and our
 * units are such capitals.
 */
public class ColumnNames extends PhysicalNamingStrategyStandardImpl {

  private static final long serialVersionUID = 1L;

  @Override
  public Identifier toPhysicalColumnName(Identifier name, JdbcEnvironment environment) {
    return Identifier.toIdentifier(of(name.getText()), name.isQuoted());
  }

  static String of(String field) {
    return field.replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT);
  }
}
