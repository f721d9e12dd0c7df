package ironshelf.act;

import ironshelf.http.RequestPrint;
import ironshelf.http.problem.ProblemException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.LongSupplier;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Does an act once per key; a repetition gets the result of the first time. */
@Service
public class ActService {

  private final ActRepository acts;
  private final Clock clock;

  ActService(ActRepository acts, Clock clock) {
    this.acts = acts;
    this.clock = clock;
  }

  /**
   * Runs {@code doing} unless the key has been seen, in the caller's transaction: the act and its
   * key are kept together or not at all. The same key with another request is refused.
   *
   * @return the id of what the act was about, from this time or the first
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public long once(String key, String kind, LongSupplier doing) {
    String fingerprint = RequestPrint.current().orElse(null);
    Optional<Act> before = acts.findById(key);
    if (before.isPresent()) {
      if (!before.get().isRepeatedBy(kind, fingerprint)) {
        throw ProblemException.conflict("act.keyReused", Map.of());
      }
      return before.get().subjectId();
    }
    Act act = claim(new Act(key, kind, fingerprint, clock.instant()));
    act.about(doing.getAsLong());
    return act.subjectId();
  }

  /** The days since a moment on which anything was done. */
  @Transactional(readOnly = true)
  public Set<LocalDate> daysSince(Instant since) {
    Set<LocalDate> days = new TreeSet<>();
    acts.doneSince(since).forEach(at -> days.add(LocalDate.ofInstant(at, clock.getZone())));
    return days;
  }

  /**
   * Writes the key before anything is done, so that a repetition that comes while the first is
   * still being done waits for it, and then finds its result.
   */
  private Act claim(Act act) {
    try {
      return acts.saveAndFlush(act);
    } catch (DataIntegrityViolationException other) {
      throw new CannotAcquireLockException("the same act is being done", other);
    }
  }
}
