package ironshelf.person;

import ironshelf.access.Role;
import ironshelf.http.problem.ProblemException;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps who works here. */
@Service
public class PeopleService {

  private static final int LONGEST_NAME = 60;
  private static final long NOBODY = -1;

  /** An owner can sign in now, from other devices too. */
  public record OwnerCanSignIn() {}

  private final PersonRepository people;
  private final Secrets secrets;
  private final Sessions sessions;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  PeopleService(
      PersonRepository people,
      Secrets secrets,
      Sessions sessions,
      Clock clock,
      ApplicationEventPublisher events) {
    this.people = people;
    this.secrets = secrets;
    this.sessions = sessions;
    this.clock = clock;
    this.events = events;
  }

  /** Those who are here. */
  @Transactional(readOnly = true)
  public List<PersonView> all() {
    return people.findByLeftAtIsNullOrderByName().stream().map(Person::view).toList();
  }

  /** Whether an owner has a password. */
  @Transactional(readOnly = true)
  public boolean hasOwner() {
    return othersOwn(NOBODY);
  }

  @Transactional
  PersonView add(PersonRequest asked) {
    String name = name(asked, NOBODY);
    Person person = new Person(name, role(asked));
    write(person, asked, name);
    return people.saveAndFlush(person).view();
  }

  @Transactional
  PersonView change(long id, long seenVersion, PersonRequest asked) {
    Person person = person(id);
    if (person.version() != seenVersion) {
      throw ProblemException.stale();
    }
    Role role = role(asked);
    if (role != Role.OWNER && person.role() == Role.OWNER) {
      refuseWithoutOwner(person);
    }
    boolean less = !role.covers(person.role());
    person.call(name(asked, id), role);
    write(person, asked, person.name());
    if (less || asked.password() != null || asked.pin() != null) {
      sessions.endOf(id);
    }
    return people.saveAndFlush(person).view();
  }

  /** They no longer work here: what they did keeps their name, and they are signed out. */
  @Transactional
  void leave(long id) {
    Person person = person(id);
    refuseWithoutOwner(person);
    person.leave(clock.instant());
    sessions.endOf(id);
  }

  private void write(Person person, PersonRequest asked, String name) {
    if (asked.password() != null) {
      person.password(
          secrets.password(asked.password(), List.of(name, "iron", "shelf", "ironshelf")));
      if (person.role() == Role.OWNER) {
        events.publishEvent(new OwnerCanSignIn());
      }
    }
    if (asked.pin() != null) {
      person.pin(secrets.pin(asked.pin()));
    }
  }

  private Person person(long id) {
    return people
        .findByIdAndLeftAtIsNull(id)
        .orElseThrow(() -> ProblemException.unknown("person", id));
  }

  private String name(PersonRequest asked, long own) {
    String name = asked.name() == null ? "" : asked.name().strip();
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw ProblemException.bad("person.name", Map.of("high", LONGEST_NAME));
    }
    if (people.findByNameIgnoreCase(name).filter(p -> p.id() != own).isPresent()) {
      throw ProblemException.conflict("person.nameTaken", Map.of("value", name));
    }
    return name;
  }

  private static Role role(PersonRequest asked) {
    if (asked.role() != Role.OWNER && asked.role() != Role.MAKER) {
      throw ProblemException.bad("person.role", Map.of());
    }
    return asked.role();
  }

  /** Other devices are let in by an owner with a password: the last one stays. */
  private void refuseWithoutOwner(Person person) {
    boolean owns = person.role() == Role.OWNER && person.passwordHash() != null;
    if (owns && !othersOwn(person.id())) {
      throw ProblemException.conflict("person.lastOwner", Map.of("value", person.name()));
    }
  }

  private boolean othersOwn(long than) {
    return people.existsByRoleAndLeftAtIsNullAndPasswordHashIsNotNullAndIdNot(Role.OWNER, than);
  }
}
