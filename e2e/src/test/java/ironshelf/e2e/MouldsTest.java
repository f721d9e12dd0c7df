package ironshelf.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A new maker describes moulds of every sort, keeps copies, and takes labels and templates away.
 */
@ExtendWith(Workshop.class)
class MouldsTest {

  @Test
  void aNewMakerDescribesMoulds(@Workshop.Empty RunningApp app, Browser browser) throws Exception {
    Page page = browser.open(app, "/moulds");
    page.getByText("Describe the first").click();
    assertThat(page).hasTitle("New mould · Iron Shelf");
    nestedPot(page);
    weightHead(page);
    hourglass(page);
    mesh(page);

    // The rack finds them.
    page.navigate("/moulds");
    assertThat(page.getByText("4 moulds")).isVisible();
    page.getByLabel("mould, product or copy").fill("hour");
    assertThat(page.getByText("1 mould,")).isVisible();
    Browser.isAccessible(page);
    Assertions.assertThat(page.url()).contains("search=hour");
  }

  /** docs/method/moulds.md: the tapered pot of 0.9607 L. */
  private static void nestedPot(Page page) throws Exception {
    page.getByLabel("name").fill("Nested pot");
    fill(page, "across the top", "160");
    fill(page, "across the base", "12 cm");
    fill(page, "height", "150");
    assertThat(page.getByText("read as 150 mm")).isVisible();
    button(page, "Add a core").click();
    fill(page, "base thickness", "15");
    assertThat(page.getByText("0.961").first()).isVisible();
    assertThat(
            page.locator("svg text")
                .getByText("14", new Locator.GetByTextOptions().setExact(true))
                .first())
        .isVisible();
    Browser.isAccessible(page);

    // A core wider than the cavity is refused at its field, in both widths.
    page.getByLabel("across the top").nth(1).fill("170");
    assertThat(
            page.getByText(
                "core top diameter 170 mm is wider than the cavity's 160 mm, 150 mm above its"
                    + " floor. Make the core narrower or the cavity wider."))
        .isVisible();
    page.getByLabel("across the top").nth(1).fill("130");
    button(page, "Keep this mould").click();
    assertThat(page).hasTitle("Nested pot mould · Iron Shelf");
    assertThat(page.getByText("No copy of it is kept yet")).isVisible();
    Browser.isAccessible(page);

    // A copy, its label, its history.
    button(page, "Add a copy").click();
    page.getByLabel("code").fill("NP1");
    button(page, "Add it").click();
    assertThat(page.getByLabel("Copy NP1")).containsText("free");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("NP1")).click();
    assertThat(page).hasTitle("Copy NP1 · Iron Shelf");
    button(page, "Print its label").click();
    assertThat(page.getByText("labels/NP1.png")).isVisible();
    button(page, "Change condition").click();
    page.getByLabel("condition").selectOption("mend");
    page.getByLabel("reason").fill("crack at the lip");
    Browser.isAccessible(page);
    button(page, "Note it").click();
    assertThat(page.getByText("crack at the lip")).isVisible();

    page.getByText("Nested pot mould").click();
    Locator labels = page.getByText("labels", exact());
    byte[] pdf = fetch(page, labels.locator("xpath=..").getAttribute("href"));
    try (PDDocument sheet = Loader.loadPDF(pdf)) {
      Assertions.assertThat(sheet.getNumberOfPages()).isEqualTo(1);
    }
  }

  /** docs/method/moulds.md: a hexagon 180 across flats by 32 holds 0.8979 L. */
  private static void weightHead(Page page) {
    page.navigate("/moulds/new");
    page.getByLabel("name").fill("Hex head");
    page.getByLabel("family").selectOption("fitnessStones");
    page.getByLabel("The cavity is a").selectOption("polygonPrism");
    fill(page, "sides", "6");
    fill(page, "across flats", "180");
    fill(page, "height", "32");
    assertThat(page.getByText("0.898").first()).isVisible();
    button(page, "Pour it in two").click();
    assertThat(page.getByText("face, up to 16 mm")).isVisible();
    button(page, "Keep this mould").click();
    assertThat(page).hasTitle("Hex head mould · Iron Shelf");
  }

  /** An hourglass cut from foam board; its template is one to one. */
  private static void hourglass(Page page) throws Exception {
    page.navigate("/moulds/new");
    page.getByLabel("name").fill("Hourglass paver");
    page.getByLabel("family").selectOption("pavers");
    page.getByLabel("made of").selectOption("foam");
    page.getByLabel("The cavity is a").selectOption("outline");
    page.getByLabel("The outline is").selectOption("hourglass");
    fill(page, "waist", "250");
    assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("cannot be joined smoothly");
    fill(page, "waist", "4 3/4 in");
    fill(page, "height", "2 in");
    // What would dissolve the foam is not even offered.
    Assertions.assertThat(
            page.getByLabel("release agent", new Page.GetByLabelOptions().setExact(true))
                .textContent())
        .contains("soapy water")
        .doesNotContain("solvent");
    assertThat(page.getByText("390 × 200 from above")).isVisible();
    page.getByLabel("release agent", new Page.GetByLabelOptions().setExact(true))
        .selectOption("soapy water");
    button(page, "Keep this mould").click();
    assertThat(page).hasTitle("Hourglass paver mould · Iron Shelf");
    String href = page.getByText("template 1:1", exact()).locator("xpath=..").getAttribute("href");
    try (PDDocument template = Loader.loadPDF(fetch(page, href))) {
      Assertions.assertThat(template.getNumberOfPages()).isGreaterThan(1);
      BufferedImage sheet = new PDFRenderer(template).renderImageWithDPI(0, 254, ImageType.GRAY);
      int longest = 0;
      int run = 0;
      int y = sheet.getHeight() - 70;
      for (int x = 0; x < sheet.getWidth(); x++) {
        run = sheet.getRaster().getSample(x, y, 0) < 200 ? run + 1 : 0;
        longest = Math.max(longest, run);
      }
      Assertions.assertThat(longest / 10.0).isCloseTo(100, within(0.3));
    }
  }

  private static void mesh(Page page) {
    page.navigate("/moulds/new");
    page.getByLabel("name").fill("Scanned block");
    page.getByLabel("The cavity is a").selectOption("mesh");
    Locator file = page.getByLabel("STL file, text or binary, one closed body");
    String cube = cube();
    file.setInputFiles(stl(cube.replaceFirst("(?s)facet.*?endfacet\\s*", "")));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("3 edges are open");
    file.setInputFiles(stl(cube));
    assertThat(page.getByText("12 triangles, closed · 1")).isVisible();
    Browser.isAccessible(page);
    button(page, "Keep this mould").click();
    assertThat(page).hasTitle("Scanned block mould · Iron Shelf");
    assertThat(page.locator("main")).containsText(Pattern.compile("1\\s*L\\s*it holds"));
  }

  @Test
  void tablesInAndOut(@Workshop.Empty RunningApp app, Browser browser) throws IOException {
    Page page = browser.open(app, "/moulds/tables");
    Browser.isAccessible(page);
    Locator moulds = page.getByLabel("Moulds", new Page.GetByLabelOptions().setExact(true));
    String head = "name,family,kind,cavity_kind,cavity_diameter_mm,cavity_height_mm\n";
    Locator file = moulds.locator("input[type=file]");
    file.setInputFiles(
        csv(
            head
                + "Table disc,trays,silicone,cylinder,120,12\nBad,trays,silicone,cylinder,0,12\n"));
    assertThat(moulds).containsText("1 that cannot be taken, so none would be");
    assertThat(moulds).containsText("Give more than 0 mm");
    file.setInputFiles(csv(head + "Table disc,trays,silicone,cylinder,120,12\n"));
    moulds.getByText("Take in 1 row").click();
    assertThat(moulds).containsText("Done: 1 new");
    Browser.isAccessible(page);
    Download out = page.waitForDownload(() -> moulds.getByText("export moulds.csv").click());
    Assertions.assertThat(Files.readString(out.path()))
        .contains("Table disc")
        .contains("cavity_diameter_mm");
  }

  @Test
  void aTurnedShapeIsDragged(@Workshop.Empty RunningApp app, Browser browser) {
    Page page = browser.open(app, "/moulds/new");
    page.getByLabel("The cavity is a").selectOption("revolved");
    Locator handle = page.locator("circle").nth(1);
    handle.scrollIntoViewIfNeeded();
    var box = handle.boundingBox();
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + 20, y);
    page.mouse().up();
    assertThat(page.getByLabel("Point 2, off axis, mm")).not().hasValue("60");
    page.getByLabel("Point 2, off axis, mm").fill("80");
    assertThat(page.getByText("110 × 110 from above")).isVisible();
    Browser.isAccessible(page);
  }

  private static FilePayload csv(String text) {
    return new FilePayload("moulds.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
  }

  private static FilePayload stl(String text) {
    return new FilePayload("block.stl", "model/stl", text.getBytes(StandardCharsets.UTF_8));
  }

  /** A cube of 100 mm, as text. */
  private static String cube() {
    int[][] quads = {
      {0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}
    };
    StringBuilder text = new StringBuilder("solid cube\n");
    for (int[] q : quads) {
      for (int[] t : new int[][] {{q[0], q[1], q[2]}, {q[0], q[2], q[3]}}) {
        text.append("facet normal 0 0 0\nouter loop\n");
        for (int v : t) {
          text.append("vertex %d %d %d%n".formatted((v & 1) * 100, (v & 2) * 50, (v & 4) * 25));
        }
        text.append("endloop\nendfacet\n");
      }
    }
    return text.append("endsolid cube\n").toString();
  }

  private static byte[] fetch(Page page, String path) {
    return page.request().get(path).body();
  }

  private static void fill(Page page, String label, String text) {
    page.getByLabel(label).first().fill(text);
  }

  private static Page.GetByTextOptions exact() {
    return new Page.GetByTextOptions().setExact(true);
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + "$")));
  }
}
