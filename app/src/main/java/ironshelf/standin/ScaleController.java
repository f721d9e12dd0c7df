package ironshelf.standin;

import ironshelf.core.quantity.Findings;
import ironshelf.http.EventStream;
import ironshelf.http.problem.ProblemException;
import ironshelf.standin.Scale.ScaleReading;
import ironshelf.workshop.WorkshopService;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The scale at the bench: its readings as they come, and, of the stand-in, what stands on it. */
@RestController
class ScaleController {

  private static final long EVERY_MS = 200;

  /**
   * What is done to the stand-in.
   *
   * @param moreKg put on it besides what stands there; negative takes off
   */
  record ScaleRequest(@Nullable Double moreKg, @Nullable Boolean plugged) {
    ScaleRequest {
      if (moreKg != null) {
        new Findings().within("moreKg", moreKg, -100, 100).orRefuse();
      }
    }
  }

  private final SimulatedScale scale;
  private final WorkshopService workshop;
  private final EventStream listeners = new EventStream();

  ScaleController(SimulatedScale scale, WorkshopService workshop) {
    this.scale = scale;
    this.workshop = workshop;
  }

  @GetMapping("/api/stand-ins/scale")
  ScaleReading reading() {
    return scale.read();
  }

  @PostMapping("/api/stand-ins/scale/tare")
  ScaleReading tare() {
    scale.tare();
    return scale.read();
  }

  @PostMapping("/api/stand-ins/scale")
  ScaleReading act(@RequestBody ScaleRequest request) {
    if (!workshop.view().demo()) {
      throw ProblemException.conflict("standIn.absent", Map.of());
    }
    if (request.plugged() != null) {
      scale.plug(request.plugged());
    }
    if (request.moreKg() != null) {
      scale.put(Math.max(0, scale.onKg() + request.moreKg()));
    }
    return scale.read();
  }

  /** Five readings a second, as server-sent events. */
  @GetMapping(path = "/api/stand-ins/scale/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream() {
    return listeners.listen(scale.read());
  }

  @Scheduled(fixedRate = EVERY_MS)
  void tell() {
    if (listeners.isHeard()) {
      listeners.tell(scale.read());
    }
  }
}
