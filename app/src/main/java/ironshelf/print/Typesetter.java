package ironshelf.print;

import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * Sets text in a PDF document with the application's own typefaces, embedded and cut down to the
 * letters used, so that names in any script that they know are printed as they are. A letter that
 * none of them knows is set as a question mark. Not promised: text from right to left, and scripts
 * whose letters join.
 */
public final class Typesetter {

  private final PDDocument document;
  private final Map<Typeface, PDType0Font> loaded = new EnumMap<>(Typeface.class);

  public Typesetter(PDDocument document) {
    this.document = document;
  }

  /** One line from a point of the page, in the page's own measure. */
  public void text(
      PDPageContentStream sheet, Typeface face, float size, float x, float y, String text)
      throws IOException {
    sheet.beginText();
    sheet.newLineAtOffset(x, y);
    StringBuilder run = new StringBuilder();
    Typeface before = face;
    for (int letter : text.codePoints().toArray()) {
      Typeface wanted = faceOf(face, letter);
      if (wanted != before) {
        flush(sheet, before, size, run);
        before = wanted;
      }
      run.appendCodePoint(knows(wanted, letter) ? letter : '?');
    }
    flush(sheet, before, size, run);
    sheet.endText();
  }

  private void flush(PDPageContentStream sheet, Typeface face, float size, StringBuilder run)
      throws IOException {
    if (!run.isEmpty()) {
      sheet.setFont(font(face), size);
      sheet.showText(run.toString());
      run.setLength(0);
    }
  }

  private Typeface faceOf(Typeface wanted, int letter) throws IOException {
    return knows(wanted, letter) || !knows(Typeface.WIDE, letter) ? wanted : Typeface.WIDE;
  }

  private boolean knows(Typeface face, int letter) throws IOException {
    try {
      font(face).encode(Character.toString(letter));
      return true;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private PDType0Font font(Typeface face) throws IOException {
    PDType0Font known = loaded.get(face);
    if (known != null) {
      return known;
    }
    try (var in = face.open()) {
      PDType0Font font = PDType0Font.load(document, in, true);
      loaded.put(face, font);
      return font;
    }
  }
}
