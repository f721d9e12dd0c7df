package ironshelf.person;

import ironshelf.device.DeviceService;
import ironshelf.device.DeviceView;
import ironshelf.http.SeenVersion;
import ironshelf.http.problem.ProblemException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.session.Session;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who works here, and who is signed in where; for owners. */
@RestController
class PeopleController {

  /**
   * Somebody who is signed in.
   *
   * @param handle what it is called here; a session's own id is a secret
   * @param device the paired device; null for one of their own
   */
  record SignedInView(
      String handle, String name, @Nullable String device, Instant since, Instant lastAt) {}

  private final PeopleService people;
  private final Sessions sessions;
  private final DeviceService devices;

  PeopleController(PeopleService people, Sessions sessions, DeviceService devices) {
    this.people = people;
    this.sessions = sessions;
    this.devices = devices;
  }

  @GetMapping("/api/people")
  List<PersonView> people() {
    return people.all();
  }

  @PostMapping("/api/people")
  @ResponseStatus(HttpStatus.CREATED)
  PersonView addPerson(@RequestBody PersonRequest asked) {
    return people.add(asked);
  }

  @PutMapping("/api/people/{id}")
  PersonView changePerson(
      @PathVariable long id, @SeenVersion long seen, @RequestBody PersonRequest asked) {
    return people.change(id, seen, asked);
  }

  @DeleteMapping("/api/people/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@PathVariable long id) {
    people.leave(id);
  }

  @GetMapping("/api/sessions")
  List<SignedInView> sessions() {
    Map<Long, String> names =
        devices.all().stream().collect(Collectors.toMap(DeviceView::id, DeviceView::name));
    List<SignedInView> all = new ArrayList<>();
    for (PersonView person : people.all()) {
      sessions.of(person.id()).values().forEach(s -> all.add(view(person, s, names)));
    }
    all.sort(Comparator.comparing(SignedInView::lastAt).reversed());
    return all;
  }

  @DeleteMapping("/api/sessions/{handle}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endSession(@PathVariable String handle) {
    String id =
        people.all().stream()
            .flatMap(p -> sessions.of(p.id()).keySet().stream())
            .filter(known -> handle(known).equals(handle))
            .findFirst()
            .orElseThrow(() -> ProblemException.unknown("session", handle));
    sessions.end(id);
  }

  private static SignedInView view(PersonView person, Session session, Map<Long, String> names) {
    Long device = session.getAttribute(Sessions.DEVICE);
    return new SignedInView(
        handle(session.getId()),
        person.name(),
        device == null ? null : names.get(device),
        session.getCreationTime(),
        session.getLastAccessedTime());
  }

  /** Made from the id in a way that gives nothing of it away. */
  private static String handle(String id) {
    return UUID.nameUUIDFromBytes(id.getBytes(StandardCharsets.UTF_8)).toString();
  }
}
