package ironshelf.lan;

import ironshelf.http.problem.ProblemException;
import ironshelf.print.QrCode;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where other devices find the shop. */
@RestController
class LanController {

  /**
   * @param wanted whether the application was started for other devices too
   * @param open whether they can come; they cannot before an owner has a password
   * @param addresses for everything
   * @param trustAddresses where a device learns to trust them
   * @param fingerprint SHA-256 of what it is to trust
   * @param goodUntil when that ends
   */
  record LanView(
      boolean wanted,
      boolean open,
      List<String> addresses,
      List<String> trustAddresses,
      @Nullable String fingerprint,
      @Nullable Instant goodUntil) {}

  private static final int LONGEST_TEXT = 300;

  private final LanSettings settings;
  private final LanDoors doors;
  private final LanNames names;
  private final Authority authority;

  LanController(LanSettings settings, LanDoors doors, LanNames names, Authority authority) {
    this.settings = settings;
    this.doors = doors;
    this.names = names;
    this.authority = authority;
  }

  @GetMapping("/api/lan")
  LanView lan() {
    return doors.isOpen()
        ? new LanView(
            true,
            true,
            LanAddresses.of(names.told(), "https", doors.port()),
            LanAddresses.of(names.told(), "http", doors.trustPort()),
            authority.fingerprint(),
            authority.certificate().getNotAfter().toInstant())
        : new LanView(settings.wanted(), false, List.of(), List.of(), null, null);
  }

  /** A text as a QR code, for the page that lets devices in. */
  @GetMapping(value = "/api/lan/qr.svg", produces = "image/svg+xml")
  String qr(@RequestParam String text) {
    if (text.isBlank() || text.length() > LONGEST_TEXT) {
      throw ProblemException.bad("lan.qr", Map.of("high", LONGEST_TEXT));
    }
    return QrCode.svg(text);
  }
}
