package ironshelf.folder;

import java.nio.file.Path;

/**
 * The folder that is open and the one beside it: {@code data/shop} and {@code data/demo}, or the
 * folder that was asked for and one of its name with {@code -demo} or {@code -shop} behind.
 *
 * @param demo whether the open one holds the demo
 */
record DataFolders(Path open, boolean demo) {

  private static final String DEMO = "demo";
  private static final String SHOP = "shop";

  /** The folder of the other shop; it may not be there yet. */
  DataFolders other() {
    String name = open.toAbsolutePath().normalize().getFileName().toString();
    String mine = demo ? DEMO : SHOP;
    String theirs = demo ? SHOP : DEMO;
    String next;
    if (name.equals(mine)) {
      next = theirs;
    } else if (name.endsWith("-" + mine)) {
      next = name.substring(0, name.length() - mine.length() - 1);
    } else {
      next = name + "-" + theirs;
    }
    return new DataFolders(open.toAbsolutePath().normalize().resolveSibling(next), !demo);
  }
}
