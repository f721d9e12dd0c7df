package ironshelf.folder;

import ironshelf.IronShelfApplication;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Closes this application and starts it anew, at the same port, on the other data folder. */
@Component
public class ShopSwitch {

  private static final Logger LOG = LoggerFactory.getLogger(ShopSwitch.class);
  private static final String DATA = "--ironshelf.data=";
  private static final String IS_DEMO = "--ironshelf.demo=";
  private static final String PORT = "--server.port=";
  private static final String RESTORE = "--ironshelf.restore=";

  /** Time for the answer to be sent before the server stops. */
  private static final long ANSWERS_MS = 300;

  private final ConfigurableApplicationContext context;
  private final ApplicationArguments arguments;
  private final Environment environment;
  private final DataFolders folders;

  ShopSwitch(
      ConfigurableApplicationContext context,
      ApplicationArguments arguments,
      Environment environment,
      @Value("${ironshelf.data}") String data,
      @Value("${ironshelf.demo}") boolean demo) {
    this.context = context;
    this.arguments = arguments;
    this.environment = environment;
    this.folders = new DataFolders(Path.of(data), demo);
  }

  /** Begins the change; it takes some seconds, in which nothing answers. */
  void toOther() {
    open(folders.other(), Stream.empty());
  }

  /** The same on this folder, after a backup was put in its place. */
  public void toBackup(Path backup) {
    open(folders, Stream.of(RESTORE + backup));
  }

  private void open(DataFolders folder, Stream<String> more) {
    Stream<String> kept =
        Arrays.stream(arguments.getSourceArgs())
            .filter(a -> Stream.of(DATA, IS_DEMO, PORT, RESTORE).noneMatch(a::startsWith));
    Stream<String> where =
        Stream.of(
            DATA + folder.open(),
            IS_DEMO + folder.demo(),
            PORT + environment.getProperty("local.server.port"));
    String[] next = Stream.of(kept, where, more).flatMap(args -> args).toArray(String[]::new);
    LOG.info("Opening {}.", folder.open());
    // Its own thread: the one that asked ends with the server.
    Thread thread = new Thread(() -> restart(next), "shop-switch");
    // Those of the server let the machine end before this one is done.
    thread.setDaemon(false);
    thread.start();
  }

  private void restart(String[] next) {
    try {
      Thread.sleep(ANSWERS_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    context.close();
    new SpringApplicationBuilder(IronShelfApplication.class).run(next);
  }
}
