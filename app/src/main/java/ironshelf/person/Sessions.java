package ironshelf.person;

import java.util.Map;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
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
  private final JdbcTemplate sql;

  Sessions(FindByIndexNameSessionRepository<? extends Session> sessions, JdbcTemplate sql) {
    this.sessions = sessions;
    this.sql = sql;
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

  /**
   * A backup may have sessions in it that were ended since: going back to it signs everybody out.
   */
  @EventListener(ApplicationReadyEvent.class)
  void endThoseOfABackup(ApplicationReadyEvent started) {
    if (!started
        .getApplicationContext()
        .getEnvironment()
        .getProperty("ironshelf.restore", "")
        .isEmpty()) {
      sql.update("delete from spring_session");
    }
  }
}
