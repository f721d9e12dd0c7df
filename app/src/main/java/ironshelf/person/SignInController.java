package ironshelf.person;

import ironshelf.access.Asker;
import ironshelf.device.DeviceCookie;
import ironshelf.device.DeviceKind;
import ironshelf.device.DeviceView;
import ironshelf.http.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
class SignInController {

  /**
   * Who somebody says they are: a name with a password, or one of the names that were offered with
   * a PIN.
   */
  record SignInRequest(
      @Nullable String name,
      @Nullable String password,
      @Nullable Long personId,
      @Nullable String pin) {}

  private final PeopleService people;
  private final SignIn signIn;
  private final DeviceCookie cookie;
  private final SignedIn signedIn;

  SignInController(PeopleService people, SignIn signIn, DeviceCookie cookie, SignedIn signedIn) {
    this.people = people;
    this.signIn = signIn;
    this.cookie = cookie;
    this.signedIn = signedIn;
  }

  @GetMapping("/api/session")
  SessionView session(HttpServletRequest request) {
    Optional<Asker> asker = signedIn.of(request);
    Optional<DeviceView> device = cookie.device(request);
    boolean own = SignedIn.isOwnMachine(request);
    return new SessionView(
        asker.map(Asker::role).orElse(null),
        asker.map(Asker::personId).orElse(null),
        asker.map(Asker::name).orElse(null),
        own,
        device.map(DeviceView::name).orElse(null),
        device.map(DeviceView::kind).orElse(null),
        takesPins(device, own) ? names() : List.of());
  }

  @PostMapping("/api/session")
  SessionView begin(@RequestBody SignInRequest said, HttpServletRequest request) {
    Optional<DeviceView> device = cookie.device(request);
    PersonView person = who(said, device, SignedIn.isOwnMachine(request));
    HttpSession before = request.getSession(false);
    if (before != null) {
      before.invalidate();
    }
    HttpSession session = request.getSession(true);
    session.setAttribute(Sessions.PERSON, person.id());
    device.ifPresent(d -> session.setAttribute(Sessions.DEVICE, d.id()));
    session.setAttribute(
        FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, String.valueOf(person.id()));
    return session(request);
  }

  @DeleteMapping("/api/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  private PersonView who(SignInRequest said, Optional<DeviceView> device, boolean own) {
    if (said.personId() == null) {
      return signIn.byPassword(said.name(), said.password());
    }
    if (!takesPins(device, own)) {
      throw ProblemException.forbidden("person.pin.unpaired", Map.of());
    }
    return signIn.byPin(said.personId(), said.pin());
  }

  /** A PIN is short: it is worth something only where an owner let the device in. */
  private static boolean takesPins(Optional<DeviceView> device, boolean own) {
    return own || device.filter(d -> d.kind() == DeviceKind.TABLET).isPresent();
  }

  private List<SessionView.NameView> names() {
    return people.all().stream()
        .filter(PersonView::hasPin)
        .map(p -> new SessionView.NameView(p.id(), p.name()))
        .toList();
  }
}
