package ironshelf.act;

import ironshelf.http.ProblemException;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Does an act once per key; a repetition gets the result of the first time. */
@Service
public class ActService {

  private static final int LONGEST_KEY = 64;

  private final ActRepository acts;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  ActService(ActRepository acts, Clock clock, ApplicationEventPublisher events) {
    this.acts = acts;
    this.clock = clock;
    this.events = events;
  }

  /**
   * Runs {@code doing} unless the key has been seen, in the caller's transaction: the act and its
   * key are kept together or not at all.
   *
   * @return the id of what the act was about, from this time or the first
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public long once(@Nullable String key, String kind, LongSupplier doing) {
    if (key == null || key.isBlank() || key.length() > LONGEST_KEY) {
      throw ProblemException.bad("act.keyMissing", Map.of());
    }
    Optional<Act> before = acts.findById(key);
    if (before.isPresent()) {
      if (!before.get().kind().equals(kind)) {
        throw ProblemException.conflict("act.keyReused", Map.of());
      }
      return before.get().subjectId();
    }
    long subjectId = doing.getAsLong();
    acts.save(new Act(key, kind, subjectId, clock.instant()));
    events.publishEvent(new ActDone(kind));
    return subjectId;
  }
}
