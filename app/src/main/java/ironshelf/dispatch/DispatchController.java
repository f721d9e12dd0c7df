package ironshelf.dispatch;

import ironshelf.core.dispatch.Packing;
import ironshelf.core.dispatch.Parcels;
import ironshelf.http.ActKey;
import ironshelf.print.Paper;
import ironshelf.standin.Carrier;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DispatchController {

  private final DispatchService dispatches;
  private final ReturnService returns;
  private final SlipPdf slips;

  DispatchController(DispatchService dispatches, ReturnService returns, SlipPdf slips) {
    this.dispatches = dispatches;
    this.returns = returns;
    this.slips = slips;
  }

  @PostMapping("/api/calc/parcels")
  Parcels parcels(@RequestBody Packing packing) {
    return Parcels.of(packing);
  }

  @GetMapping("/api/picks")
  List<PickView> picks() {
    return dispatches.picks();
  }

  @GetMapping("/api/carriers")
  List<Carrier.CarrierService> carriers() {
    return dispatches.services();
  }

  @PostMapping("/api/orders/{id}/packing")
  PackView pack(@PathVariable long id, @RequestBody PackRequest request) {
    return dispatches.pack(id, request);
  }

  @GetMapping("/api/dispatches")
  List<DispatchView> recent() {
    return dispatches.recent();
  }

  @GetMapping("/api/orders/{id}/dispatches")
  List<DispatchView> ofOrder(@PathVariable long id) {
    return dispatches.ofOrder(id);
  }

  @PostMapping("/api/orders/{id}/dispatches")
  @ResponseStatus(HttpStatus.CREATED)
  DispatchView send(@PathVariable long id, @ActKey String key, @RequestBody PackRequest request) {
    return dispatches.send(key, id, request);
  }

  @PostMapping("/api/dispatches/{id}/undone")
  DispatchView undo(@PathVariable long id) {
    return dispatches.undo(id);
  }

  @GetMapping(path = "/api/dispatches/{id}/slip.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> slip(
      @PathVariable long id, @RequestParam(required = false) @Nullable Paper paper) {
    return pdf("slip-" + id, slips.slip(id, paper));
  }

  @GetMapping(path = "/api/dispatches/{id}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> labels(@PathVariable long id) {
    return pdf("labels-" + id, slips.labels(id));
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] content) {
    return ResponseEntity.ok()
        .header("Content-Disposition", "inline; filename=\"" + name + ".pdf\"")
        .body(content);
  }

  @PostMapping("/api/returns")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@ActKey String key, @RequestBody ReturnRequest request) {
    returns.take(key, request);
  }
}
