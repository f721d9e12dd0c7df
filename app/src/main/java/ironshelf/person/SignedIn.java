package ironshelf.person;

import ironshelf.access.Asker;
import ironshelf.access.AskerSource;
import ironshelf.access.Role;
import ironshelf.device.DeviceCookie;
import ironshelf.device.DeviceKind;
import ironshelf.device.DeviceView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Who a request is from: whoever is signed in; else, at the shop's own machine, whoever sits there;
 * else the paired screen. Role, device and person are looked up each time, so that what an owner
 * ends has ended.
 */
@Component
class SignedIn implements AskerSource {

  private final PersonRepository people;
  private final DeviceCookie cookie;

  SignedIn(PersonRepository people, DeviceCookie cookie) {
    this.people = people;
    this.cookie = cookie;
  }

  @Override
  public Optional<Asker> of(HttpServletRequest request) {
    Optional<DeviceView> device = cookie.device(request);
    Optional<Asker> person = person(request.getSession(false), device);
    if (person.isPresent()) {
      return person;
    }
    return isOwnMachine(request)
        ? Optional.of(Asker.OWN_MACHINE)
        : device
            .filter(d -> d.kind() == DeviceKind.SCREEN)
            .map(d -> new Asker(null, d.name(), Role.DOOR, d.id()));
  }

  /** A session counts on the device alone on which it was begun, and while that is paired. */
  private Optional<Asker> person(@Nullable HttpSession session, Optional<DeviceView> device) {
    if (session == null || !(session.getAttribute(Sessions.PERSON) instanceof Long id)) {
      return Optional.empty();
    }
    Object begunOn = session.getAttribute(Sessions.DEVICE);
    Long here = device.map(DeviceView::id).orElse(null);
    return begunOn != null && !Objects.equals(begunOn, here)
        ? Optional.empty()
        : people.findByIdAndLeftAtIsNull(id).map(p -> new Asker(p.id(), p.name(), p.role(), here));
  }

  /**
   * Other machines come over TLS alone. Whoever starts the application with a wider address of its
   * own, or hides others behind a proxy, lets nobody in by that.
   */
  static boolean isOwnMachine(HttpServletRequest request) {
    try {
      return !request.isSecure()
          && InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
          && request.getHeader("Forwarded") == null
          && request.getHeader("X-Forwarded-For") == null;
    } catch (UnknownHostException e) {
      return false;
    }
  }
}
