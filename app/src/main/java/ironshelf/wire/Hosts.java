package ironshelf.wire;

import ironshelf.lan.LanNames;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names by which the application may be called. A page elsewhere that points a name of its own
 * at this machine (DNS rebinding) is called by that name, and refused.
 */
@Component
class Hosts {

  private static final Set<String> THIS_MACHINE = Set.of("127.0.0.1", "localhost", "[::1]");

  private final Set<String> names = new TreeSet<>(THIS_MACHINE);
  private final LanNames lan;

  /**
   * @param more names besides those of this machine for itself; none as shipped
   */
  Hosts(@Value("${ironshelf.hosts}") Set<String> more, LanNames lan) {
    this.lan = lan;
    more.forEach(name -> names.add(normal(name)));
  }

  /** Whether a name, as it was sent, is one of them. */
  boolean knows(String name) {
    String host = normal(name);
    return names.contains(host) || lan.knows(host);
  }

  /** Lower case, without the dot that ends a full name. */
  private static String normal(String name) {
    String lower = name.strip().toLowerCase(Locale.ROOT);
    return lower.endsWith(".") ? lower.substring(0, lower.length() - 1) : lower;
  }
}
