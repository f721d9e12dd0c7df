package ironshelf.mould.drawing;

/** The fonts that every PDF reader has know Latin letters only. */
final class PdfText {

  private PdfText() {}

  static String plain(String text) {
    return text.replaceAll("[^\\x20-\\x7e\\xa1-\\xff]", "?");
  }
}
