package ironshelf.backup;

import java.io.PrintStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** {@code ./run --check}: says whether the data is in order, and ends; with 1 where it is not. */
@Component
class CheckRun {

  private final DataCheck check;
  private final ConfigurableApplicationContext context;
  private final boolean wanted;

  CheckRun(
      DataCheck check,
      ConfigurableApplicationContext context,
      @Value("${ironshelf.check}") boolean wanted) {
    this.check = check;
    this.context = context;
    this.wanted = wanted;
  }

  @EventListener(ApplicationReadyEvent.class)
  void run() {
    if (!wanted) {
      return;
    }
    DataCheck.CheckView found = check.run();
    say(found, System.out);
    // Its own thread: the one that starts is waited for by what ends.
    new Thread(
            () -> System.exit(SpringApplication.exit(context, () -> found.good() ? 0 : 1)), "check")
        .start();
  }

  private static void say(DataCheck.CheckView found, PrintStream out) {
    for (DataCheck.Looked looked : found.looked()) {
      out.println(
          (looked.wrong().isEmpty() ? "good  " : "WRONG ")
              + looked.what()
              + " ("
              + looked.rows()
              + " rows)");
      looked.wrong().forEach(wrong -> out.println("        " + wrong));
    }
    out.println(found.good() ? "The data is in order." : "The data is not in order.");
  }
}
