package ironshelf.person;

import java.util.Map;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Who is signed in where. Kept in the database, so that a restart signs nobody out. */
@Component
class Sessions {

  /** Whom a session is of. */
  static final String PERSON = "person";

  /** On which paired device it was begun; absent for an owner's own. */
  static final String DEVICE = "device";

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /** All of one person, by their ids, which are nobody's to see. */
  Map<String, ? extends Session> of(long personId) {
    return sessions.findByPrincipalName(String.valueOf(personId));
  }

  void end(String id) {
    sessions.deleteById(id);
  }

  void endOf(long personId) {
    of(personId).keySet().forEach(this::end);
  }
}
