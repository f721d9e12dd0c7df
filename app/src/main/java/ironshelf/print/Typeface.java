package ironshelf.print;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/**
 * The typefaces that ship with the application; those of the interface, and one for more scripts.
 */
public enum Typeface {
  TEXT("SourceSans3_400Regular"),
  STRONG("SourceSans3_600SemiBold"),
  HEAD("BarlowCondensed_600SemiBold"),
  /** Kana, kanji and what else the others lack. */
  WIDE("NotoSansJP_400Regular");

  private final String file;

  Typeface(String file) {
    this.file = "/fonts/" + file + ".ttf";
  }

  InputStream open() {
    InputStream in = Typeface.class.getResourceAsStream(file);
    if (in == null) {
      throw new IllegalStateException("the typeface " + file + " is not packed");
    }
    return in;
  }

  /** For pictures: this typeface, or the wide one where it lacks a letter of the text. */
  public Font forText(String text, float size) {
    Font own = awt();
    return (own.canDisplayUpTo(text) < 0 ? own : WIDE.awt()).deriveFont(size);
  }

  private Font awt() {
    try (InputStream in = open()) {
      return Font.createFont(Font.TRUETYPE_FONT, in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException(e);
    }
  }
}
