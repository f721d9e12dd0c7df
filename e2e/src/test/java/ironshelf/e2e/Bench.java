package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The pour sheet under a maker's hands. */
record Bench(Page page) {

  Locator heading(String name) {
    return page.getByRole(
        AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator key(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator key(Pattern name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  /** What is said once a pour is over. */
  Locator recorded() {
    return page.getByText(Pattern.compile("^Pour \\d+ is recorded"));
  }

  /** From the choice of copies to the first ingredient. */
  void prepare() {
    page.getByText("To the bench").click();
    assertThat(heading("Moulds ready")).isVisible();
    key("Done, go on").click();
    key("Done, go on").click();
  }

  /** Takes everything as it is asked, wets, and adds the water that was held back. */
  void weighAndMix(int ingredients) {
    for (int i = 0; i < ingredients; i++) {
      key(Pattern.compile("went in$")).click();
    }
    key("Wet now").click();
    key(Pattern.compile("went in$")).click();
  }

  /** The same, each figure typed as it is asked: only what was measured teaches. */
  void typeAndMix(int ingredients) {
    for (int i = 0; i < ingredients; i++) {
      typeAsAsked();
    }
    key("Wet now").click();
    typeAsAsked();
    key(Pattern.compile("^It flows with")).click();
  }

  private void typeAsAsked() {
    String asked = key(Pattern.compile("went in$")).textContent().replace(" went in", "");
    type(asked.replace('\u2009', ' '));
  }

  void type(String mass) {
    key("Type it").click();
    page.getByRole(AriaRole.TEXTBOX).fill(mass);
    key("Take what I typed").click();
  }

  /** Taps, says what was left, and books. */
  void finish(String left) {
    key(Pattern.compile("^(Tapped|Struck off|Rammed|Lettered|Hung)$")).click();
    key("Weigh it").click();
    page.getByRole(AriaRole.TEXTBOX).fill(left);
    key("Take what I typed").click();
    key("Record it").click();
  }
}
