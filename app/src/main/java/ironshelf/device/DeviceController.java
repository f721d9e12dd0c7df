package ironshelf.device;

import ironshelf.http.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pairing, and its end. */
@RestController
class DeviceController {

  /** A device that is to be let in. */
  record OfferRequest(@Nullable String name, @Nullable DeviceKind kind) {}

  /** The code to type there, and for how long it is good. */
  record OfferView(String code, Duration goodFor) {}

  /** The code that was typed. */
  record PairRequest(@Nullable String code) {}

  private final DeviceService devices;
  private final DeviceCookie cookie;

  DeviceController(DeviceService devices, DeviceCookie cookie) {
    this.devices = devices;
    this.cookie = cookie;
  }

  @GetMapping("/api/devices")
  List<DeviceView> devices() {
    return devices.all();
  }

  @PostMapping("/api/devices/codes")
  OfferView offer(@RequestBody OfferRequest asked) {
    DeviceKind kind = asked.kind() == null ? DeviceKind.TABLET : asked.kind();
    return new OfferView(
        devices.offer(asked.name() == null ? "" : asked.name(), kind), PairingCodes.GOOD_FOR);
  }

  @PostMapping("/api/devices/paired")
  DeviceView pair(
      @RequestBody PairRequest asked, HttpServletRequest request, HttpServletResponse response) {
    if (!request.isSecure()) {
      throw ProblemException.forbidden("device.ownMachine", Map.of());
    }
    DeviceService.Paired paired = devices.pair(asked.code() == null ? "" : asked.code());
    cookie.give(response, paired.token());
    return paired.device();
  }

  @DeleteMapping("/api/devices/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable long id) {
    devices.end(id);
  }
}
