package ironshelf.backup.everything;

import ironshelf.http.table.FormulaSafe;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;
import org.jspecify.annotations.Nullable;

/**
 * Values as text and back, without loss: moments in UTC as ISO 8601, numbers with a point, text in
 * quotes; a cell without quotes and without anything in it has no value.
 */
final class Cells {

  static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setQuoteMode(QuoteMode.ALL_NON_NULL).setNullString("").get();

  private Cells() {}

  static @Nullable String text(ResultSet row, int no, KeptTable.Column column) throws SQLException {
    if (column.isSecret()) {
      return null;
    }
    if (column.isMoment()) {
      OffsetDateTime at = row.getObject(no, OffsetDateTime.class);
      return at == null ? null : at.toInstant().toString();
    }
    String text = row.getString(no);
    return text == null ? null : FormulaSafe.cell(text);
  }

  static void set(PreparedStatement row, int no, KeptTable.Column column, @Nullable String text)
      throws SQLException {
    if (text == null) {
      row.setNull(no, Types.NULL);
    } else if (column.isMoment()) {
      row.setObject(no, Instant.parse(text).atOffset(ZoneOffset.UTC));
    } else {
      row.setString(no, FormulaSafe.plain(text));
    }
  }
}
