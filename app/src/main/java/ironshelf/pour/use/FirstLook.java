package ironshelf.pour.use;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Reads the bowls of years once the shop is open, which takes seconds: no page waits for it. */
@Component
class FirstLook {

  private static final Logger LOG = LoggerFactory.getLogger(FirstLook.class);

  private final Bowls bowls;

  FirstLook(Bowls bowls) {
    this.bowls = bowls;
  }

  @EventListener(ApplicationReadyEvent.class)
  void open() {
    Thread reader = new Thread(this::look, "first-look");
    reader.setDaemon(true);
    reader.start();
  }

  private void look() {
    try {
      bowls.all();
    } catch (RuntimeException e) {
      // Whoever looks next reads them; mostly the shop was closed again at once.
      LOG.debug("The pours were not read ahead: {}", e.getMessage());
    }
  }
}
