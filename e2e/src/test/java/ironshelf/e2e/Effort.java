package ironshelf.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;

/** Counts what a journey asks of a maker: fields typed, keys pressed. */
final class Effort {

  private static final Path TOLD = Path.of("../docs/effort.md");

  private final Page page;
  private int fields;
  private int presses;

  Effort(Page page) {
    this.page = page;
  }

  void type(String label, String text) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().fill(text);
    fields++;
  }

  /** A key by what it begins with. */
  void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(beginning(name)))
        .first()
        .click();
    presses++;
  }

  /** The browser's own patterns know no quoting: what is special is escaped. */
  static Pattern beginning(String name) {
    return Pattern.compile("^" + name.replaceAll("([.*+?()\\[\\]{}|^$])", "\\\\$1"));
  }

  void press(Locator key) {
    key.click();
    presses++;
  }

  void choose(String label, String value) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).selectOption(value);
    presses++;
  }

  /** From the sheet to what is weighed first: moulds ready, gloves on. */
  void toTheFirstFigure(String first) {
    page.waitForURL(Pattern.compile(".*/pours/\\d+"));
    press("Done, go on");
    press("Done, go on");
    PlaywrightAssertions.assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)).first())
        .containsText(Pattern.compile(first, Pattern.CASE_INSENSITIVE));
  }

  /** Within what a first product may take, and as docs/effort.md tells it. */
  void holds(String journey, int mostFields, int mostPresses) {
    assertThat(fields).as("fields of " + journey).isLessThanOrEqualTo(mostFields);
    assertThat(presses).as("presses of " + journey).isLessThanOrEqualTo(mostPresses);
    String told = "| " + journey + " | " + fields + " | " + presses + " |";
    try {
      assertThat(Files.readString(TOLD)).as("docs/effort.md tells it").contains(told);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
