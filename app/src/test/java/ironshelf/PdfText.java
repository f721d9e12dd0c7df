package ironshelf;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** What a printed page says. */
public final class PdfText {

  private PdfText() {}

  /** All its words; thin spaces between numbers and units are plain ones. */
  public static String of(byte[] file) {
    try (PDDocument pdf = Loader.loadPDF(file)) {
      return new PDFTextStripper().getText(pdf).replace('\u2009', ' ');
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
