package ironshelf.workshop;

import java.sql.Timestamp;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A machine whose clock was set back while the shop was closed: what was done is not after now. */
@Component
class ClockLook {

  private final JdbcTemplate sql;
  private final ShopClock clock;
  private final boolean demo;

  ClockLook(JdbcTemplate sql, ShopClock clock, @Value("${ironshelf.demo}") boolean demo) {
    this.sql = sql;
    this.clock = clock;
    this.demo = demo;
  }

  /** The demo's clock is set ahead on purpose. */
  @EventListener(ApplicationReadyEvent.class)
  void look() {
    Timestamp last = sql.queryForObject("select max(done_at) from acts", Timestamp.class);
    if (!demo && last != null) {
      Instant done = last.toInstant();
      clock.isNotBefore(done);
    }
  }
}
