package ironshelf.mould.drawing;

import ironshelf.copy.CopyHistory;
import ironshelf.copy.CopyService;
import ironshelf.http.problem.ProblemException;
import ironshelf.lan.ShopAddress;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.print.Paper;
import ironshelf.standin.LabelPrinter;
import ironshelf.style.ShopWriter;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings, templates and labels to take away. */
@RestController
class DrawingController {

  private static final String SVG = "image/svg+xml";

  private final MouldService moulds;
  private final CopyService copies;
  private final LabelPrinter printer;
  private final ShopWriter writer;
  private final ShopAddress address;

  DrawingController(
      MouldService moulds,
      CopyService copies,
      LabelPrinter printer,
      ShopWriter writer,
      ShopAddress address) {
    this.moulds = moulds;
    this.copies = copies;
    this.printer = printer;
    this.writer = writer;
    this.address = address;
  }

  @GetMapping(path = "/api/moulds/{id}/{what}.svg", produces = SVG)
  ResponseEntity<String> svg(@PathVariable long id, @PathVariable Lines.What what) {
    MouldView mould = moulds.mould(id);
    return file(name(mould, what) + ".svg", SVG)
        .body(SvgDrawing.of(Lines.of(mould, what), name(mould, what)));
  }

  @GetMapping(path = "/api/moulds/{id}/{what}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> template(
      @PathVariable long id,
      @PathVariable Lines.What what,
      @RequestParam(required = false) @Nullable Paper paper) {
    MouldView mould = moulds.mould(id);
    return file(name(mould, what) + ".pdf", MediaType.APPLICATION_PDF_VALUE)
        .body(
            TemplatePdf.of(
                Lines.of(mould, what),
                Paper.chosen(paper, writer.style()),
                name(mould, what) + ", 1:1",
                writer));
  }

  @GetMapping(path = "/api/moulds/{id}/labels", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> labels(
      @PathVariable long id, @RequestParam(required = false) @Nullable Paper paper) {
    MouldView mould = moulds.mould(id);
    List<Label> labels =
        mould.copies().stream().map(c -> label(c.id(), c.code(), mould.name())).toList();
    if (labels.isEmpty()) {
      throw ProblemException.conflict("labels.none", Map.of("mould", mould.name()));
    }
    return file(mould.name() + " labels.pdf", MediaType.APPLICATION_PDF_VALUE)
        .body(LabelSheet.of(labels, Paper.chosen(paper, writer.style())));
  }

  @GetMapping(path = "/api/copies/{id}/label", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> label(@PathVariable long id) {
    Label label = labelOf(id);
    return file(label.code() + ".png", MediaType.IMAGE_PNG_VALUE).body(label.png());
  }

  @PostMapping("/api/copies/{id}/label")
  LabelPrinter.Printed print(@PathVariable long id) {
    Label label = labelOf(id);
    return printer.print(label.code(), label.png());
  }

  private Label labelOf(long copyId) {
    CopyHistory copy = copies.history(copyId);
    return label(copyId, copy.copy().code(), moulds.mould(copy.mouldId()).name());
  }

  private Label label(long copyId, String code, String mould) {
    return new Label(code, mould, address.link("/copies/" + copyId));
  }

  private static String name(MouldView mould, Lines.What what) {
    return mould.name() + (what == Lines.What.OUTLINE ? " outline" : " section");
  }

  private static ResponseEntity.BodyBuilder file(String name, String type) {
    String safe = name.replaceAll("[^A-Za-z0-9 ._-]", "_");
    return ResponseEntity.ok()
        .header("Content-Disposition", "inline; filename=\"" + safe + "\"")
        .contentType(MediaType.parseMediaType(type));
  }
}
