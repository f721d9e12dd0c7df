package ironshelf.pour.paper;

import ironshelf.pour.sheet.PourSheetRequest;
import ironshelf.print.Paper;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pour sheet as a document. */
@RestController
class PaperController {

  private final SheetPdf pdf;

  PaperController(SheetPdf pdf) {
    this.pdf = pdf;
  }

  /** The sheet for a choice of copies, to be printed and written on. */
  @PostMapping(path = "/api/pours/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @RequestParam(required = false) @Nullable Paper paper,
      @RequestBody PourSheetRequest request) {
    return ResponseEntity.ok()
        .header("Content-Disposition", "inline; filename=\"pour-sheet.pdf\"")
        .body(pdf.sheet(request, paper));
  }
}
