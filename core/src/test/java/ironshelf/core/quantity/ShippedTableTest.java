package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.junit.jupiter.api.Test;

class ShippedTableTest {

  private static List<Integer> read(String table) throws IOException {
    return ShippedTable.rows(
        "numbers", new StringReader(table), row -> Integer.valueOf(row.get("number")));
  }

  /** RFC 4180: quoted cells may hold commas and line breaks. */
  @Test
  void readsRowsInTheirOrder() throws IOException {
    assertThat(read("number,note\n3,\"a, b\nc\"\n1,\n")).containsExactly(3, 1);
  }

  @Test
  void namesTheRowThatCannotBeUsed() {
    assertThatThrownBy(() -> read("number\n3\nmany\n"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("numbers, row 2")
        .hasMessageContaining("many");
    assertThatThrownBy(() -> read("figure\n3\n")).hasMessageContaining("numbers, row 1");
  }

  @Test
  void namesTheFileThatIsNotThere() {
    assertThatThrownBy(() -> ShippedTable.rows(ShippedTableTest.class, "none.csv", row -> row))
        .isInstanceOf(NullPointerException.class)
        .hasMessageContaining("none.csv");
  }

  @Test
  void refusesACodeThatStandsTwice() {
    assertThat(ShippedTable.byCode(List.of("b", "a"), c -> c).keySet()).containsExactly("b", "a");
    assertThatThrownBy(() -> ShippedTable.byCode(List.of("b", "a", "b"), c -> c))
        .hasMessageContaining("row 3: code b");
  }
}
