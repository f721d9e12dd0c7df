package ironshelf.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Lines of text down as many pages as they take, each in columns given in mm from the left. */
public final class TextPage {

  /** How a line is set. */
  public enum Style {
    TITLE(24, Typeface.HEAD, 11),
    HEAD(11, Typeface.STRONG, 6),
    TEXT(11, Typeface.TEXT, 6),
    SMALL(9, Typeface.TEXT, 5);

    private final float points;
    private final Typeface face;
    private final float mm;

    Style(float points, Typeface face, float mm) {
      this.points = points;
      this.face = face;
      this.mm = mm;
    }
  }

  private static final float MARGIN_MM = 16;

  private final PDDocument document = new PDDocument();
  private final PDRectangle size;
  private final Typesetter typesetter = new Typesetter(document);
  private PDPageContentStream sheet;
  private float atMm;

  public TextPage(PDRectangle size) {
    this.size = size;
    try {
      sheet = page();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private PDPageContentStream page() throws IOException {
    PDPage page = new PDPage(size);
    document.addPage(page);
    atMm = MARGIN_MM;
    return new PDPageContentStream(document, page);
  }

  /** One line: text, and how far from the left margin it stands, turn by turn. */
  public TextPage line(Style style, Object... textAndMm) {
    try {
      if ((atMm + style.mm + MARGIN_MM) * Paper.POINTS_PER_MM > size.getHeight()) {
        next();
      }
      atMm += style.mm;
      for (int i = 0; i < textAndMm.length; i += 2) {
        float x = MARGIN_MM + ((Number) textAndMm[i + 1]).floatValue();
        typesetter.text(
            sheet,
            style.face,
            style.points,
            x * Paper.POINTS_PER_MM,
            size.getHeight() - atMm * Paper.POINTS_PER_MM,
            String.valueOf(textAndMm[i]));
      }
      return this;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public TextPage gap(float mm) {
    atMm += mm;
    return this;
  }

  /** Goes on on a new page. */
  public TextPage next() {
    try {
      sheet.close();
      sheet = page();
      return this;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public byte[] done() {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      sheet.close();
      document.save(out);
      document.close();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
