package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import ironshelf.App;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;

class ClosingTest {

  /** Opening lays the plan again in the background; the shop is closed in the middle of that. */
  @Test
  void closingAtOnceIsNoFault() {
    App app = App.fresh();
    // Only now: a start begins its log anew.
    Logger logger = (Logger) LoggerFactory.getLogger(PlanKeeper.class);
    ListAppender<ILoggingEvent> said = new ListAppender<>();
    said.start();
    logger.addAppender(said);
    try {
      app.close();
    } finally {
      logger.detachAppender(said);
    }
    assertThat(said.list)
        .filteredOn(event -> event.getLevel().isGreaterOrEqual(Level.WARN))
        .isEmpty();
  }
}
