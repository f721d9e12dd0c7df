package ironshelf.print;

/** The fonts that every PDF reader has know Latin letters only. */
public final class PdfText {

  private PdfText() {}

  public static String plain(String text) {
    return text.replaceAll("[^\\x20-\\x7e\\xa1-\\xff]", "?");
  }
}
