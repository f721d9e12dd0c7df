package ironshelf.pour.paper;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.style.Measure;
import ironshelf.pour.sheet.PourSheetRequest;
import ironshelf.pour.sheet.PourSheetService;
import ironshelf.pour.sheet.SheetView;
import ironshelf.print.Paper;
import ironshelf.print.TextPage;
import ironshelf.print.TextPage.Style;
import ironshelf.style.ShopWriter;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sets a pour sheet for the printer: what to look at, to weigh and to fill, mix by mix. */
@Component
class SheetPdf {

  private static final int ASKED_MM = 78;
  private static final int WENT_MM = 110;
  private static final String LINE = "______________";
  private static final String BOX = "[  ] ";

  private final PourSheetService sheets;
  private final ShopWriter writer;
  private final Clock clock;

  SheetPdf(PourSheetService sheets, ShopWriter writer, Clock clock) {
    this.sheets = sheets;
    this.writer = writer;
    this.clock = clock;
  }

  byte[] sheet(PourSheetRequest request, @Nullable Paper paper) {
    Instant now = clock.instant();
    SheetView sheet = sheets.sheet(request, now);
    TextPage page = new TextPage(Paper.chosen(paper, writer.style()).size());
    head(page, sheet, now);
    for (SheetView.SheetCheck check : sheet.checks()) {
      check.lines().forEach(line -> page.line(Style.TEXT, BOX + line, 0));
    }
    for (int b = 0; b < sheet.batches().size(); b++) {
      batch(page, sheet, b);
    }
    page.gap(4).line(Style.TEXT, "Left in the bowl", 0, LINE, WENT_MM);
    page.line(Style.TEXT, "Thrown away, and why", 0, LINE, WENT_MM);
    page.line(Style.TEXT, "Remarks", 0);
    return page.done();
  }

  private void head(TextPage page, SheetView sheet, Instant now) {
    page.line(
        Style.TITLE,
        sheet.fills().stream().map(f -> f.product().name()).collect(Collectors.joining(", ")),
        0);
    page.line(
        Style.SMALL,
        sheet.recipe().name()
            + ", "
            + sheet.colourway().name()
            + ", printed "
            + writer.moment(now, clock)
            + ". "
            + Math.round(sheet.workingMin())
            + " minutes to work with water at "
            + writer.quantity(Measure.TEMPERATURE, sheet.waterC())
            + ".",
        0);
    sheet.warnings().forEach(w -> page.line(Style.SMALL, w.message(), 0));
    page.gap(3).line(Style.TEXT, "Poured by", 0, LINE, 30, "day and hour", 80, LINE, WENT_MM);
    page.gap(2);
  }

  private void batch(TextPage page, SheetView sheet, int b) {
    SheetView.SheetBatch batch = sheet.batches().get(b);
    int count = sheet.batches().size();
    for (int i = 0; i < sheet.layers().size(); i++) {
      SheetView.SheetLayer layer = sheet.layers().get(i);
      String name = sheet.layers().size() > 1 ? layer.name() + ", " : "";
      page.gap(3)
          .line(
              Style.HEAD,
              name + layer.colourway().name() + (count > 1 ? ", mix " + (b + 1) : ""),
              0,
              "weigh",
              ASKED_MM,
              "went in",
              WENT_MM);
      for (SheetView.SheetLine line : batch.layers().get(i).lines()) {
        line(page, layer, line);
      }
    }
    page.line(Style.TEXT, "Wetted at", 0, LINE, WENT_MM);
    fills(page, sheet, batch.copyIds());
  }

  private void line(TextPage page, SheetView.SheetLayer layer, SheetView.SheetLine line) {
    boolean water = line.role() == Role.WATER;
    double share = line.massKg() / layer.water().targetKg();
    page.line(
        Style.TEXT,
        line.name(),
        0,
        water
            ? writer.mass(layer.water().leastKg() * share)
                + ", then to "
                + writer.mass(layer.water().mostKg() * share)
            : writer.mass(line.massKg()),
        ASKED_MM,
        LINE,
        water ? WENT_MM + 30 : WENT_MM);
  }

  private void fills(TextPage page, SheetView sheet, List<Long> copyIds) {
    page.gap(2).line(Style.HEAD, "fill", 0, "of mix", ASKED_MM, "filled, or why not", WENT_MM);
    for (SheetView.SheetFill fill : sheet.fills()) {
      for (SheetView.SheetCopy copy : fill.copies()) {
        if (copyIds.contains(copy.copy().id())) {
          double kg = copy.layerKg().stream().mapToDouble(Double::doubleValue).sum();
          String stop = copy.stopAtKg() == null ? "" : ", scale " + writer.mass(copy.stopAtKg());
          page.line(
              Style.TEXT,
              BOX + copy.copy().code() + ", " + fill.mould(),
              0,
              writer.mass(kg) + stop,
              ASKED_MM,
              LINE,
              stop.isEmpty() ? WENT_MM : WENT_MM + 30);
        }
      }
    }
  }
}
