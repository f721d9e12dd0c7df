package ironshelf.mould.drawing;

import ironshelf.core.lettering.LetteringRequest;
import ironshelf.print.Paper;
import ironshelf.style.ShopWriter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Letters on a face at their true size, to be laid on the stone. */
@RestController
class LetteringTemplateController {

  private final ShopWriter writer;

  LetteringTemplateController(ShopWriter writer) {
    this.writer = writer;
  }

  @PostMapping(path = "/api/calc/lettering/template", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> template(
      @RequestBody LetteringRequest request,
      @RequestParam(required = false) @Nullable Paper paper) {
    return ResponseEntity.ok()
        .header("Content-Disposition", "inline; filename=\"lettering.pdf\"")
        .contentType(MediaType.APPLICATION_PDF)
        .body(
            TemplatePdf.of(
                Lines.of(request),
                Paper.chosen(paper, writer.style()),
                String.join(" / ", request.lines()) + ", 1:1",
                writer));
  }
}
