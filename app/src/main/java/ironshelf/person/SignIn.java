package ironshelf.person;

import ironshelf.http.problem.ProblemException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Looks whether somebody is who they say. After three wrong tries each next one has to wait: five
 * seconds, then twice as long each time, a quarter of an hour at most.
 */
@Service
class SignIn {

  private static final int FREE_TRIES = 3;
  private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

  private final PersonRepository people;
  private final Secrets secrets;
  private final Clock clock;

  SignIn(PersonRepository people, Secrets secrets, Clock clock) {
    this.people = people;
    this.secrets = secrets;
    this.clock = clock;
  }

  /** By name and password, from anywhere. */
  @Transactional(noRollbackFor = ProblemException.class)
  PersonView byPassword(@Nullable String name, @Nullable String password) {
    Optional<Person> person =
        people
            .findByNameIgnoreCase(name == null ? "" : name.strip())
            .flatMap(p -> people.findLockedByIdAndLeftAtIsNull(p.id()));
    return one(person, password, person.map(Person::passwordHash).orElse(null), "person.password");
  }

  /** By PIN, where a paired device vouches for it. */
  @Transactional(noRollbackFor = ProblemException.class)
  PersonView byPin(long id, @Nullable String pin) {
    Optional<Person> person = people.findLockedByIdAndLeftAtIsNull(id);
    return one(person, pin, person.map(Person::pinHash).orElse(null), "person.pin");
  }

  private PersonView one(
      Optional<Person> person, @Nullable String said, @Nullable String kept, String what) {
    Instant now = clock.instant();
    Optional<Instant> notBefore = person.map(Person::notBefore).filter(now::isBefore);
    if (notBefore.isPresent()) {
      long seconds = Duration.between(now, notBefore.get()).toSeconds() + 1;
      throw ProblemException.tooOften("person.wait", Map.of("seconds", seconds));
    }
    if (!secrets.matches(said, kept)) {
      person.ifPresent(p -> p.tried(now.plus(waitAfter(p.tries() + 1))));
      throw ProblemException.unknownAsker(what + ".wrong", Map.of());
    }
    Person right = person.orElseThrow();
    right.forgive();
    return right.view();
  }

  static Duration waitAfter(int tries) {
    if (tries < FREE_TRIES) {
      return Duration.ZERO;
    }
    Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(tries - FREE_TRIES, 20));
    return wait.compareTo(LONGEST_WAIT) < 0 ? wait : LONGEST_WAIT;
  }
}
