package ironshelf.mould.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import ironshelf.App;
import ironshelf.App.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is taken away on paper: looked at as pictures and measured. */
@ExtendWith(App.Extension.class)
class DrawingTest {

  private static final int DPI = 254;
  private static final double DOTS_PER_MM = DPI / 25.4;

  /** The line that says 100 mm is 100 mm, on every sheet. */
  @ParameterizedTest
  @CsvSource({"Boat stepping stone, a4, 6", "Boat stepping stone, letter, 9", "Ripple bowl, a4, 1"})
  void aHundredMillimetresAreAHundred(String mould, String paper, int sheets, App app)
      throws IOException {
    byte[] pdf = app.file("/api/moulds/" + id(app, mould) + "/outline.pdf?paper=" + paper);
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isLessThanOrEqualTo(sheets);
      for (int page = 0; page < document.getNumberOfPages(); page++) {
        BufferedImage picture =
            new PDFRenderer(document).renderImageWithDPI(page, DPI, ImageType.GRAY);
        // The line lies 7 mm above the sheet's lower edge.
        int y = (int) Math.round(picture.getHeight() - 7 * DOTS_PER_MM);
        assertThat(longestRun(picture, y) / DOTS_PER_MM).isCloseTo(100, within(0.3));
      }
    }
  }

  /** The bowl's rim of 160 mm fits one sheet and is 160 mm wide on it. */
  @Test
  void theOutlineKeepsItsSize(App app) throws IOException {
    byte[] pdf = app.file("/api/moulds/" + id(app, "Ripple bowl") + "/outline.pdf");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, DPI, ImageType.GRAY);
      int left = picture.getWidth();
      int right = 0;
      int top = (int) (16 * DOTS_PER_MM);
      int bottom = (int) (picture.getHeight() - 16 * DOTS_PER_MM);
      int margin = (int) (15 * DOTS_PER_MM);
      for (int y = top; y < bottom; y++) {
        for (int x = margin; x < picture.getWidth() - margin; x++) {
          if (isDark(picture, x, y)) {
            left = Math.min(left, x);
            right = Math.max(right, x);
          }
        }
      }
      assertThat((right - left) / DOTS_PER_MM).isCloseTo(160.4, within(0.5));
    }
  }

  @Test
  void theSvgIsInMillimetres(App app) {
    String svg =
        new String(
            app.file("/api/moulds/" + id(app, "Ripple bowl") + "/section.svg"),
            StandardCharsets.UTF_8);
    assertThat(svg)
        .contains("width=\"164.000mm\" height=\"154.000mm\"")
        .contains("<title>Ripple bowl section</title>")
        .contains("M-80.000 -150.000L-60.000");
  }

  @Test
  void aLabelOpensItsCopysPage(App app) throws Exception {
    long copy =
        app.get("/api/moulds/" + id(app, "Ripple bowl")).path("copies").get(4).path("id").asLong();
    BufferedImage label =
        ImageIO.read(new ByteArrayInputStream(app.file("/api/copies/" + copy + "/label")));
    BinaryBitmap bits =
        new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(label)));
    assertThat(new QRCodeReader().decode(bits).getText())
        .as("not by which name whoever printed it reached the application")
        .isEqualTo("iron-shelf:/copies/" + copy);
    Answer printed = app.post("/api/copies/" + copy + "/label", "{}");
    assertThat(printed.body().path("where").asString()).isEqualTo("labels/R5.png");
    try (PDDocument sheet =
        Loader.loadPDF(app.file("/api/moulds/" + id(app, "Ripple bowl") + "/labels"))) {
      assertThat(sheet.getNumberOfPages()).isEqualTo(1);
    }
  }

  private static long id(App app, String mould) {
    return app.get("/api/moulds?search=" + mould.replace(" ", "+"))
        .path("items")
        .get(0)
        .path("id")
        .asLong();
  }

  private static int longestRun(BufferedImage picture, int y) {
    int longest = 0;
    for (int dy = -2; dy <= 2; dy++) {
      int run = 0;
      for (int x = 0; x < picture.getWidth(); x++) {
        run = isDark(picture, x, y + dy) ? run + 1 : 0;
        longest = Math.max(longest, run);
      }
    }
    return longest;
  }

  private static boolean isDark(BufferedImage picture, int x, int y) {
    return picture.getRaster().getSample(x, y, 0) < 200;
  }
}
