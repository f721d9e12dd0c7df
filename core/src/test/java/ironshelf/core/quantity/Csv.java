package ironshelf.core.quantity;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Tables of cases that the tests of the interface read too. */
public final class Csv {

  private Csv() {}

  public static List<CSVRecord> rows(String name) throws IOException {
    try (Reader in =
        new InputStreamReader(Csv.class.getResourceAsStream(name), StandardCharsets.UTF_8)) {
      return CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .get()
          .parse(in)
          .getRecords();
    }
  }
}
