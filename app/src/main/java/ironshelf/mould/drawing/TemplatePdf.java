package ironshelf.mould.drawing;

import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.print.Paper;
import ironshelf.print.Typeface;
import ironshelf.print.Typesetter;
import ironshelf.style.ShopWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.util.Matrix;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * Lines at their true size, over as many sheets as it takes. The sheets overlap; crosses at the
 * corners of each sheet's own area fall on those of its neighbours. Every sheet carries a line of
 * 100 mm or 4 in to measure, because printers shrink to fit unless told not to.
 */
final class TemplatePdf {

  /** What printers leave white, and room for the words. */
  private static final double MARGIN_MM = 12;

  private static final double OVERLAP_MM = 10;
  private static final double CROSS_MM = 5;

  /** How high capitals of the text face are, as a share of its size. */
  private static final double CAPITALS = 0.66;

  private final Lines lines;
  private final double scaleMm;
  private final String scaleWords;
  private final Paper paper;
  private final String title;
  private final Envelope box;

  private TemplatePdf(Lines lines, Paper paper, String title, ShopWriter writer) {
    this.lines = lines;
    this.scaleMm = writer.style().units() == UnitSystem.US ? 101.6 : 100;
    this.scaleWords = writer.length(scaleMm) + ": measure it. Print at 100 %, not fitted";
    this.paper = paper;
    this.title = title;
    this.box = lines.box();
    box.expandBy(CROSS_MM);
  }

  static byte[] of(Lines lines, Paper paper, String title, ShopWriter writer) {
    try {
      return new TemplatePdf(lines, paper, title, writer).write();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private double stepX() {
    return paper.widthMm() - 2 * MARGIN_MM - OVERLAP_MM;
  }

  private double stepY() {
    return paper.heightMm() - 2 * MARGIN_MM - OVERLAP_MM;
  }

  private byte[] write() throws IOException {
    int columns = (int) Math.max(1, Math.ceil((box.getWidth() - OVERLAP_MM) / stepX()));
    int rows = (int) Math.max(1, Math.ceil((box.getHeight() - OVERLAP_MM) / stepY()));
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      document.getDocumentInformation().setTitle(title);
      Typesetter typesetter = new Typesetter(document);
      for (int row = 0; row < rows; row++) {
        for (int column = 0; column < columns; column++) {
          PDPage page = new PDPage(paper.size());
          document.addPage(page);
          try (PDPageContentStream sheet = new PDPageContentStream(document, page)) {
            sheet(sheet, typesetter, column, row, columns, rows);
          }
        }
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  private void sheet(
      PDPageContentStream sheet, Typesetter typesetter, int column, int row, int columns, int rows)
      throws IOException {
    float mm = Paper.POINTS_PER_MM;
    sheet.transform(Matrix.getScaleInstance(mm, mm));
    sheet.setLineWidth(0.2f);
    double right = paper.widthMm() - MARGIN_MM;
    double top = paper.heightMm() - MARGIN_MM;
    for (double x : new double[] {MARGIN_MM, right}) {
      for (double y : new double[] {MARGIN_MM, top}) {
        line(sheet, x - CROSS_MM / 2, y, x + CROSS_MM / 2, y);
        line(sheet, x, y - CROSS_MM / 2, x, y + CROSS_MM / 2);
      }
    }
    double scaleY = MARGIN_MM - 5;
    line(sheet, MARGIN_MM, scaleY, MARGIN_MM + scaleMm, scaleY);
    words(typesetter, sheet, MARGIN_MM + scaleMm + 3, scaleY - 1, scaleWords);
    words(
        typesetter,
        sheet,
        MARGIN_MM,
        paper.heightMm() - MARGIN_MM + 4,
        title
            + "   column "
            + (column + 1)
            + " of "
            + columns
            + ", row "
            + (row + 1)
            + " of "
            + rows);
    sheet.saveGraphicsState();
    sheet.addRect(
        (float) MARGIN_MM,
        (float) MARGIN_MM,
        (float) (right - MARGIN_MM),
        (float) (top - MARGIN_MM));
    sheet.clip();
    // Rows count from the top, as one lays the sheets out.
    double originX = MARGIN_MM - (box.getMinX() + column * stepX());
    double originY = top - (box.getMaxY() - row * stepY());
    sheet.transform(Matrix.getTranslateInstance((float) originX, (float) originY));
    sheet.setLineWidth(0.4f);
    for (List<Coordinate> line : lines.outer()) {
      stroke(sheet, line);
    }
    sheet.setLineDashPattern(new float[] {3, 1.5f}, 0);
    for (List<Coordinate> line : lines.inner()) {
      stroke(sheet, line);
    }
    for (Lines.Word word : lines.words()) {
      typesetter.text(
          sheet,
          Typeface.TEXT,
          (float) (word.heightMm() / CAPITALS),
          (float) word.xMm(),
          (float) word.yMm(),
          word.text());
    }
    sheet.restoreGraphicsState();
  }

  private static void stroke(PDPageContentStream sheet, List<Coordinate> line) throws IOException {
    sheet.moveTo((float) line.get(0).x, (float) line.get(0).y);
    for (Coordinate c : line.subList(1, line.size())) {
      sheet.lineTo((float) c.x, (float) c.y);
    }
    sheet.stroke();
  }

  private static void line(PDPageContentStream sheet, double x1, double y1, double x2, double y2)
      throws IOException {
    sheet.moveTo((float) x1, (float) y1);
    sheet.lineTo((float) x2, (float) y2);
    sheet.stroke();
  }

  private static void words(
      Typesetter typesetter, PDPageContentStream sheet, double x, double y, String text)
      throws IOException {
    typesetter.text(sheet, Typeface.TEXT, 3, (float) x, (float) y, text);
  }
}
