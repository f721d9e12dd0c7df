package ironshelf.e2e;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Makers who work through their days while the server dies at random moments. Each keeps a book of
 * what was answered, and presses again, with the same key, what was not. At each death the database
 * is opened by itself and held against the book: nothing answered is missing, nothing is there
 * twice, no act is half done.
 *
 * <p>A life takes many seconds to begin, so that it has several deaths: at all but the last the
 * process is stopped (SIGSTOP) until its file, which is what a kill at that moment would have left,
 * is copied and looked at; at the last it is killed (SIGKILL), and the next life begins with what
 * it left. {@code bench/kill-storm.sh} runs a long storm, {@code KillStormTest} a short one.
 */
final class KillStorm {

  private static final int MAKERS = 4;
  private static final int LONGEST_MS = 3_000;
  private static final int PATIENCE_MS = 20_000;

  /** In so many rounds one is killed as it comes up, whatever was answered by then. */
  private static final int EARLY_IN = 6;

  /** Of so many deaths in a long storm one is a kill. */
  private static final int DEATHS = 10;

  private final Path data;
  private final int port;
  private final int deaths;
  private final Random random;
  private final StormBook book = new StormBook();

  private KillStorm(int deaths, long seed) throws Exception {
    this.deaths = deaths;
    data = Files.createTempDirectory("kill-storm");
    random = new Random(seed);
    port = RunningApp.freePort();
  }

  public static void main(String[] args) throws Exception {
    int rounds = args.length > 0 ? Integer.parseInt(args[0]) : 200;
    long seed = args.length > 1 ? Long.parseLong(args[1]) : 1;
    StormLook.Found found = run(rounds, DEATHS, seed, System.out);
    if (!found.isClean()) {
      System.exit(1);
    }
  }

  /**
   * So many rounds; ends early where something is found.
   *
   * @param deaths of a life, the last of which is a kill
   */
  static StormLook.Found run(int rounds, int deaths, long seed, PrintStream told) throws Exception {
    return new KillStorm(deaths, seed).storm(rounds, told);
  }

  private StormLook.Found storm(int rounds, PrintStream told) throws Exception {
    List<Thread> makers = new ArrayList<>();
    StormLook.Found found = null;
    try {
      for (int round = 1; round <= rounds && (found == null || found.isClean()); ) {
        try (OwnProcess server = server()) {
          employ(makers);
          int last = Math.min(rounds, (round / deaths + 1) * deaths);
          boolean early = random.nextInt(EARLY_IN) == 0;
          while (round < last && (found == null || found.isClean())) {
            if (!early) {
              awaitAnswer();
            }
            Thread.sleep(random.nextInt(LONGEST_MS));
            found = lookAside(server, round++);
            told.println(found);
          }
          server.kill();
        }
        if (found == null || found.isClean()) {
          found = look(round++);
          told.println(found);
        }
      }
    } finally {
      makers.forEach(Thread::interrupt);
    }
    return found;
  }

  private void employ(List<Thread> makers) {
    if (!makers.isEmpty()) {
      return;
    }
    for (int i = 0; i < MAKERS; i++) {
      Thread maker = new Thread(new StormMaker(port, book), "maker-" + i);
      maker.setDaemon(true);
      maker.start();
      makers.add(maker);
    }
  }

  /** A round is of use once something is answered in it. */
  private void awaitAnswer() throws InterruptedException {
    int before = book.size();
    for (int waited = 0; waited < PATIENCE_MS && book.size() == before; waited += 10) {
      Thread.sleep(10);
    }
  }

  private OwnProcess server() {
    return new OwnProcess(
        port,
        data.resolve("log.txt"),
        List.of("--server.port=" + port, "--ironshelf.data=" + data, "--ironshelf.demo=false"));
  }

  private StormLook.Found look(int round) throws SQLException {
    return new StormLook(data.resolve("ironshelf"), book).look(round);
  }

  /** Looks at what a kill would leave now; the server waits meanwhile, and goes on. */
  private StormLook.Found lookAside(OwnProcess server, int round) throws Exception {
    Path aside = Files.createTempDirectory("kill-storm-aside");
    server.pause();
    try {
      Files.copy(data.resolve("ironshelf.mv.db"), aside.resolve("ironshelf.mv.db"));
      return new StormLook(aside.resolve("ironshelf"), book.asItIs()).look(round);
    } finally {
      server.goOn();
    }
  }
}
