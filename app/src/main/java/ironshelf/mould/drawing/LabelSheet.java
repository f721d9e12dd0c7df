package ironshelf.mould.drawing;

import ironshelf.print.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Labels of 60 x 25 mm, three beside each other, over as many sheets as it takes. */
final class LabelSheet {

  private static final float WIDTH_MM = 60;
  private static final float HEIGHT_MM = 25;
  private static final float GAP_MM = 3;
  private static final float MARGIN_MM = 12;
  private static final int ACROSS = 3;

  private LabelSheet() {}

  static byte[] of(List<Label> labels, Paper paper) {
    float mm = Paper.POINTS_PER_MM;
    int down = (int) ((paper.heightMm() - 2 * MARGIN_MM + GAP_MM) / (HEIGHT_MM + GAP_MM));
    int perSheet = ACROSS * down;
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      for (int from = 0; from < labels.size(); from += perSheet) {
        PDPage page = new PDPage(paper.size());
        document.addPage(page);
        try (PDPageContentStream sheet = new PDPageContentStream(document, page)) {
          for (int i = from; i < Math.min(labels.size(), from + perSheet); i++) {
            Label label = labels.get(i);
            PDImageXObject image =
                PDImageXObject.createFromByteArray(document, label.png(), label.code());
            int column = (i - from) % ACROSS;
            int row = (i - from) / ACROSS;
            sheet.drawImage(
                image,
                (MARGIN_MM + column * (WIDTH_MM + GAP_MM)) * mm,
                ((float) paper.heightMm() - MARGIN_MM - HEIGHT_MM - row * (HEIGHT_MM + GAP_MM))
                    * mm,
                WIDTH_MM * mm,
                HEIGHT_MM * mm);
          }
        }
      }
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
