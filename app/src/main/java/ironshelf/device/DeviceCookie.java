package ironshelf.device;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** The cookie by which a paired device is known again: over TLS alone, and to no script. */
@Component
public class DeviceCookie {

  /** The prefix makes browsers refuse it from any other host, path or scheme (RFC 6265bis). */
  private static final String NAME = "__Host-shelf-device";

  /** As long as browsers keep one. */
  private static final Duration KEPT = Duration.ofDays(400);

  private final DeviceService devices;

  DeviceCookie(DeviceService devices) {
    this.devices = devices;
  }

  /** The paired device that a request is from. */
  public Optional<DeviceView> device(HttpServletRequest request) {
    Cookie[] sent = request.getCookies();
    return sent == null || !request.isSecure()
        ? Optional.empty()
        : Arrays.stream(sent)
            .filter(c -> c.getName().equals(NAME))
            .findFirst()
            .flatMap(c -> devices.byToken(c.getValue()));
  }

  void give(HttpServletResponse response, String token) {
    ResponseCookie cookie =
        ResponseCookie.from(NAME, token)
            .secure(true)
            .httpOnly(true)
            .sameSite("Strict")
            .path("/")
            .maxAge(KEPT)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }
}
